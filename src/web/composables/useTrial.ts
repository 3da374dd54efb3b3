import { watchDebounced } from '@vueuse/core';
import { ref } from 'vue';
import type { MovesBody } from '../../contract/schemas.ts';
import type { EntryBody } from '../../core/ledger/entry.ts';
import { ask } from '../device/ask.ts';
import { useErrorText } from './useErrorText.ts';

/** Which dates some unwritten entries would move: nothing to try, being asked, known, or not to be had and why. */
export type Trial =
  | { readonly kind: 'nothing' }
  | { readonly kind: 'waiting' }
  | { readonly kind: 'known'; readonly moves: MovesBody['moves'] }
  | { readonly kind: 'failed'; readonly why: string };

const SETTLE_MS = 150;

/** Asks the server, a moment after what is considered has settled, which dates it would move. */
export function useTrial(homeId: string, bodies: () => readonly EntryBody[]) {
  const { tell } = useErrorText();
  const trial = ref<Trial>({ kind: 'nothing' });
  const text = (): string => JSON.stringify(bodies());
  let asked = '';

  async function consider(considered: string): Promise<void> {
    asked = considered;
    if (considered === '[]') {
      trial.value = { kind: 'nothing' };
      return;
    }
    trial.value = { kind: 'waiting' };
    try {
      const { moves } = await ask('trial', { params: { homeId }, body: { bodies: [...bodies()] } });
      // What was considered meanwhile has its own answer on its way.
      if (asked === considered) trial.value = { kind: 'known', moves };
    } catch (error) {
      if (asked === considered) trial.value = { kind: 'failed', why: tell(error).text };
    }
  }

  watchDebounced(text, (considered) => void consider(considered), { debounce: SETTLE_MS, immediate: true });
  return trial;
}
