import { ref } from 'vue';
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

  async function load(): Promise<void> {
    state.value = { kind: 'loading' };
    try {
      await read();
      state.value = { kind: 'ready' };
    } catch (error) {
      state.value = { kind: 'failed', text: tell(error).text };
    }
  }

  void load();
  return { state, load };
}
