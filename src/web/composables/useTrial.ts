import { watchDebounced } from '@vueuse/core';
import { ref } from 'vue';
import type { TrialBody } from '../../contract/schemas.ts';
import type { CivilDate } from '../../core/calendar/civilDate.ts';
import type { EntryBody } from '../../core/ledger/entry.ts';
import { ask } from '../device/ask.ts';
import { useErrorText } from './useErrorText.ts';

/** Which dates some unwritten entries would move: nothing to try, being asked, known, or not to be had and why. */
export type Trial =
  | { readonly kind: 'nothing' }
  | { readonly kind: 'waiting' }
  | ({ readonly kind: 'known' } & TrialBody)
  | { readonly kind: 'failed'; readonly why: string };

const SETTLE_MS = 150;

/**
 * Asks the server, a moment after what is considered has settled, which dates it would move. `date`: the day it would be written for, today
 * unless it is given; null where that is no day yet, and nothing is asked.
 */
export function useTrial(
  homeId: string,
  bodies: () => readonly EntryBody[],
  date: () => CivilDate | null | undefined = () => undefined,
) {
  const { tell } = useErrorText();
  const considered = () => {
    const on = date();
    return on === null ? [] : bodies().map((body) => ({ ...(on && { date: on }), body }));
  };
  // A trial made from the start has its place from the start: nothing below it is pushed down while somebody aims at it.
  const trial = ref<Trial>({ kind: considered().length > 0 ? 'waiting' : 'nothing' });
  let asked = '';

  async function consider(text: string): Promise<void> {
    asked = text;
    const entries = considered();
    if (entries.length === 0) {
      trial.value = { kind: 'nothing' };
      return;
    }
    trial.value = { kind: 'waiting' };
    try {
      const answer = await ask('trial', { params: { homeId }, body: { entries } });
      // A newer trial has its own answer on its way.
      if (asked === text) trial.value = { kind: 'known', ...answer };
    } catch (error) {
      if (asked === text) trial.value = { kind: 'failed', why: tell(error).text };
    }
  }

  const text = (): string => JSON.stringify(considered());
  watchDebounced(text, (settled) => void consider(settled), { debounce: SETTLE_MS, immediate: true });
  return trial;
}
