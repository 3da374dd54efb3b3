import { computed } from 'vue';
import { useRouter } from 'vue-router';
import type { Hazard } from '../../../core/practice/lists.ts';
import type { Given } from '../../../core/readings/reading.ts';
import type { Outcome } from '../../../core/readings/verdict.ts';
import type { Read } from '../../../core/runs/readInRun.ts';
import {
  stateOf,
  withItem,
  type ItemState,
  type RunItem,
  type RunState,
} from '../../../core/runs/runState.ts';
import type { Seen } from '../../../core/runs/seen.ts';
import * as transitions from '../../../core/runs/transitions.ts';
import { useErrorText } from '../../composables/useErrorText.ts';
import { useSaying } from '../../composables/useSaying.ts';
import { useFinishRun } from './useFinishRun.ts';
import type { useRunPage } from './useRunPage.ts';

/** A measurement as a step hands it on. */
export interface Taken extends Pick<Read, 'step' | 'reading' | 'asset'> {
  readonly given: Given;
  readonly outcome: Outcome;
}

/** Everything a person does in a run: each act makes its next state, which is saved at once. */
export function useRunActs(page: ReturnType<typeof useRunPage>, homeId: string, runId: string) {
  const { home, run } = page;
  const router = useRouter();
  const { tell } = useErrorText();
  const say = useSaying();
  const current = computed(() => run.state.value);
  const today = computed(() => home.on ?? page.readings.speech.value.today);

  async function put(next: RunState): Promise<void> {
    try {
      const saved = await run.put(next);
      if (saved === 'elsewhere') say({ text: page.readings.speech.value.t('run.elsewhere') });
    } catch (error) {
      say({ text: tell(error).text, wrong: true });
    }
  }

  const settle = ({ key }: RunItem, change: Partial<ItemState>): Promise<void> =>
    put(transitions.settled(current.value, key, change, home.on, page.order.value));

  /** The others go on, or where there are none one goes on another day. */
  async function later({ key }: RunItem): Promise<void> {
    const next = transitions.leftForLater(current.value, key, page.order.value);
    if (next) return put(next);
    await router.push({ name: 'today', params: { homeId } });
  }

  function answerStop(why: string): Promise<void> | undefined {
    const stopped = current.value.items.find(({ key }) => key === current.value.stop?.item);
    return stopped && settle(stopped, { status: 'stopped', why: why.slice(0, 200) });
  }

  return {
    put,
    settle,
    later,
    answerStop,
    ...useFinishRun(page, homeId, runId),
    change: ({ key }: RunItem, change: Partial<ItemState>) => put(withItem(current.value, key, change)),
    done: (item: RunItem, takes: Takes) => settle(item, { status: 'done', used: usedBy(item, takes, page) }),
    reopen: ({ key }: RunItem) => put(transitions.reopened(current.value, key)),
    goTo: (key: string) => put(transitions.at(current.value, key)),
    begin: () => put(transitions.begun(current.value, page.order.value)),
    read: ({ key }: RunItem, taken: Taken) =>
      put(transitions.withRead(current.value, key, readOf(taken, today.value), verdictOf(taken.outcome))),
    forget: ({ key }: RunItem, gone: Read) => put(transitions.withoutRead(current.value, key, gone)),
    see: ({ key }: RunItem, more: readonly Seen[]) => put(transitions.withSeenAt(current.value, key, more)),
    hazard: ({ key }: RunItem, code: string) =>
      put(transitions.stoppedBy(current.value, key, code as Hazard)),
  };
}

type Takes = readonly { readonly supply: string; readonly quantity: number }[];

/** The supplies it took: written down where they are not the usual, unless the person said so already. */
function usedBy(
  { key, duties }: RunItem,
  takes: Takes,
  { run, gatherFrom }: ReturnType<typeof useRunPage>,
): ItemState['used'] {
  const { used } = stateOf(run.state.value, key);
  const isFirst = duties.some((duty) => gatherFrom.value.isFirst(duty));
  const took = Object.fromEntries(takes.map(({ supply, quantity }) => [supply, quantity]));
  return isFirst && Object.keys(used).length === 0 ? took : used;
}

const verdictOf = (outcome: Outcome) => (outcome.kind === 'judged' ? outcome.verdict : null);

/** A measurement as the run keeps it: without the fields that were left empty. */
function readOf({ step, reading, asset, given }: Taken, date: Read['date']): Read {
  const filled = Object.entries(given).flatMap(([code, value]) =>
    value === undefined ? [] : [[code, value] as const],
  );
  return { step, reading, asset, given: Object.fromEntries(filled), date };
}
