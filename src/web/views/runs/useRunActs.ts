import { v7 as uuid } from 'uuid';
import { computed, nextTick, ref, type Ref } from 'vue';
import { useRouter } from 'vue-router';
import type { Given } from '../../../core/readings/reading.ts';
import type { Outcome } from '../../../core/readings/verdict.ts';
import { finishRun } from '../../../core/runs/finishRun.ts';
import { nextItem } from '../../../core/runs/order.ts';
import type { Read } from '../../../core/runs/readInRun.ts';
import {
  stateOf,
  withItem,
  type ItemState,
  type RunItem,
  type RunState,
} from '../../../core/runs/runState.ts';
import { withSeen, type Seen } from '../../../core/runs/seen.ts';
import { words } from '../../../locales/speech.ts';
import { useErrorText } from '../../composables/useErrorText.ts';
import { useOutbox } from '../../stores/outbox.ts';
import { useSession } from '../../stores/session.ts';
import { itemTitle, openedEarly, settledOf } from './runHouse.ts';
import type { useRunPage } from './useRunPage.ts';

/** Everything a person does in a run: each act makes its next state, which is saved at once. `saying`: where the answer is said. */
export function useRunActs(
  page: ReturnType<typeof useRunPage>,
  homeId: string,
  runId: string,
  saying: Ref<HTMLElement | null>,
) {
  const { home, run, readings, forgetKept } = page;
  const router = useRouter();
  const outbox = useOutbox();
  const session = useSession();
  const { tell, tellBody } = useErrorText();
  const t = computed(() => readings.speech.value.t);
  const current = computed(() => run.state.value);
  const said = ref<{ text: string; wrong: boolean } | null>(null);
  const busy = ref(false);
  const ended = ref(false);

  async function say(text: string, wrong: boolean): Promise<void> {
    said.value = { text, wrong };
    await nextTick();
    saying.value?.focus();
  }

  async function put(next: RunState): Promise<void> {
    try {
      const saved = await run.put(next);
      if (saved === 'elsewhere') await say(t.value('run.elsewhere'), false);
    } catch (error) {
      await say(tell(error).text, true);
    }
  }

  const change = (one: RunItem, changed: Partial<ItemState>): Promise<void> =>
    put(withItem(current.value, one.key, changed));

  /** Settles an item on its real day and goes on to the next. */
  function settle(one: RunItem, changed: Partial<ItemState>): Promise<void> {
    const date = stateOf(current.value, one.key).date ?? home.on;
    const next = { ...withItem(current.value, one.key, { ...changed, date }), stop: null };
    return put({ ...next, at: nextItem(next, page.order.value)?.key ?? null });
  }

  /** Done: what it took is written down where it is not the usual, unless one said so oneself. */
  function done(one: RunItem, takes: readonly { supply: string; quantity: number }[]): Promise<void> {
    const { used } = stateOf(current.value, one.key);
    const isFirst = one.duties.some((duty) => page.gatherFrom.value.isFirst(duty));
    const took = Object.fromEntries(takes.map(({ supply, quantity }) => [supply, quantity]));
    return settle(one, { status: 'done', used: isFirst && Object.keys(used).length === 0 ? took : used });
  }

  /** Until the end nothing is written: what was settled can be taken up again. */
  const reopen = (one: RunItem): Promise<void> =>
    put({ ...withItem(current.value, one.key, { status: 'open', ticked: [], why: '' }), at: one.key });

  const goTo = (key: string): Promise<void> => put({ ...current.value, at: key, begun: true });
  const begin = (): Promise<void> =>
    put({ ...current.value, begun: true, at: nextItem(current.value, page.order.value)?.key ?? null });

  /** Keeps a measurement; of the same as before it is the second of a pair. A stop is answered before anything else. */
  function read(
    one: RunItem,
    taken: { step: number; reading: string; asset: string; given: Given; outcome: Outcome },
  ): Promise<void> {
    const { step, reading, asset, given, outcome } = taken;
    const filled = Object.fromEntries(Object.entries(given).filter(([, value]) => value !== undefined));
    const kept: Read = {
      step,
      reading,
      asset,
      given: filled as Read['given'],
      date: home.on ?? readings.speech.value.today,
    };
    const known = stateOf(current.value, one.key).readings;
    const next = withItem(current.value, one.key, { readings: [...known, kept] });
    const stops = outcome.kind === 'judged' && outcome.verdict === 'stop';
    return put(stops ? { ...next, stop: { item: one.key, reading, hazard: null } } : next);
  }

  /** A measurement put in wrong is taken out again. */
  const forget = (one: RunItem, gone: Read): Promise<void> =>
    change(one, { readings: stateOf(current.value, one.key).readings.filter((other) => other !== gone) });

  /** Keeps what was seen with the run; a stop is answered before anything else. */
  function see(one: RunItem, more: readonly Seen[]): Promise<void> {
    const next = withItem(current.value, one.key, withSeen(stateOf(current.value, one.key), more));
    const grave = more.find(({ verdict }) => verdict === 'stop');
    return put(
      grave ? { ...next, stop: { item: one.key, reading: null, hazard: null, look: grave.look } } : next,
    );
  }

  /** The others go on, or where there are none one goes on another day; this one stays as it is. */
  async function later(one: RunItem): Promise<void> {
    const without = withItem(current.value, one.key, { status: 'skipped' });
    const next = nextItem(without, page.order.value);
    if (next) return put({ ...current.value, at: next.key });
    await router.push({ name: 'today', params: { homeId } });
  }

  const hazard = (one: RunItem, code: string): Promise<void> =>
    put({ ...current.value, stop: { item: one.key, reading: null, hazard: code } });

  function answerStop(why: string): Promise<void> | undefined {
    const stopped = current.value.items.find(({ key }) => key === current.value.stop?.item);
    return stopped && settle(stopped, { status: 'stopped', why: why.slice(0, 200) });
  }

  const entries = (on: NonNullable<typeof home.on>) =>
    finishRun(current.value, {
      today: on,
      makeId: uuid,
      occurrenceOf: (duty, day) => openedEarly(home.rows, duty, day),
      settledOf: (code) => settledOf(code, readings.traits.value),
      titleOf: (one) => (home.house ? itemTitle(one, home.house, readings.speech.value) : ''),
    });

  /** Writes everything the run leaves at once. */
  async function finish(): Promise<void> {
    if (busy.value || home.on === null) return;
    const written = entries(home.on);
    if (written.length === 0) return say(t.value('run.finishNone'), true);
    // Opened without a signal nobody has said who this is; what is written must be somebody's.
    await session.resume();
    if (!session.signedIn) return say(t.value('run.finishLater'), true);
    busy.value = true;
    try {
      const batch = uuid();
      const label = words(readings.speech.value, current.value.title);
      const body = { run: runId, entries: written.map((one) => ({ ...one, batch })) };
      const outcome = await outbox.send({ route: 'finishRun', homeId, body, label });
      if (outcome.kind === 'refused') return await say(tellBody(outcome.error).text, true);
      ended.value = true;
      forgetKept();
      const { length } = written;
      const key = outcome.kind === 'waiting' ? 'run.finishedOffline' : 'run.finished';
      await say(t.value(key, { n: length }, length), false);
    } catch (error) {
      await say(tell(error).text, true);
    } finally {
      busy.value = false;
    }
  }

  return {
    said,
    busy,
    ended,
    put,
    change,
    settle,
    done,
    reopen,
    goTo,
    begin,
    read,
    forget,
    see,
    later,
    hazard,
    answerStop,
    finish,
  };
}
