import { ref, watch } from 'vue';
import { NoConnection } from '../device/errors.ts';
import { useFreshness } from '../stores/freshness.ts';
import { useErrorText } from './useErrorText.ts';

/** Where a page stands with what it shows: being read, shown, or not to be had and why. */
export type Loading =
  | { readonly kind: 'loading' }
  | { readonly kind: 'ready' }
  | { readonly kind: 'failed'; readonly text: string };

/** Runs a page's reading and keeps where it stands. */
export function useLoading(read: () => Promise<void>) {
  const state = ref<Loading>({ kind: 'loading' });
  const { tell } = useErrorText();

  /**
   * Reads, or reads anew: what is on screen stays meanwhile, and with it the place on the page and the focus. It stays too where nobody
   * can be asked.
   */
  async function load(): Promise<void> {
    const isShown = state.value.kind === 'ready';
    if (!isShown) state.value = { kind: 'loading' };
    try {
      await read();
      state.value = { kind: 'ready' };
    } catch (error) {
      if (isShown && error instanceof NoConnection) return;
      state.value = { kind: 'failed', text: tell(error).text };
    }
  }

  void load();
  const freshness = useFreshness();
  watch(
    () => freshness.returns,
    () => void load(),
  );
  return { state, load };
}
