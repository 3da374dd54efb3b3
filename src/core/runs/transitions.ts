import type { CivilDate } from '../calendar/civilDate.ts';
import type { Hazard } from '../practice/lists.ts';
import type { Verdict } from '../basics/verdict.ts';
import { nextItem, type OrderFrom } from './order.ts';
import type { Read } from './readInRun.ts';
import { stateOf, withItem, type ItemState, type RunState } from './runState.ts';
import { withSeen, type Seen } from './seen.ts';

/** Begins with the item that waits for nothing. */
export const begun = (run: RunState, order: OrderFrom): RunState => ({
  ...run,
  begun: true,
  at: nextItem(run, order)?.key ?? null,
});

/** Goes to an item. */
export const at = (run: RunState, key: string): RunState => ({ ...run, at: key, begun: true });

/** Settles an item on its own day, or else on `on`, and goes on to the next. */
export function settled(
  run: RunState,
  key: string,
  change: Partial<ItemState>,
  on: CivilDate | null,
  order: OrderFrom,
): RunState {
  const date = stateOf(run, key).date ?? on;
  const next = { ...withItem(run, key, { ...change, date }), stop: null };
  return { ...next, at: nextItem(next, order)?.key ?? null };
}

/** Until the end nothing is written: an item that was settled can be taken up again. */
export const reopened = (run: RunState, key: string): RunState => ({
  ...withItem(run, key, { status: 'open', ticked: [], why: '' }),
  at: key,
});

/** Leaves an item as it is and goes on to another; null where there is none. */
export function leftForLater(run: RunState, key: string, order: OrderFrom): RunState | null {
  const next = nextItem(withItem(run, key, { status: 'skipped' }), order);
  return next && { ...run, at: next.key };
}

/** With a measurement; of the same as before it is the second of a pair. A stop is answered before anything else. */
export function withRead(run: RunState, key: string, read: Read, verdict: Verdict | null): RunState {
  const next = withItem(run, key, { readings: [...stateOf(run, key).readings, read] });
  if (verdict !== 'stop') return next;
  return { ...next, stop: { item: key, reading: read.reading, hazard: null } };
}

/** Without a measurement that was put in wrong. */
export const withoutRead = (run: RunState, key: string, gone: Read): RunState =>
  withItem(run, key, { readings: stateOf(run, key).readings.filter((other) => other !== gone) });

/** With what was seen; a stop is answered before anything else. */
export function withSeenAt(run: RunState, key: string, more: readonly Seen[]): RunState {
  const next = withItem(run, key, withSeen(stateOf(run, key), more));
  const grave = more.find(({ verdict }) => verdict === 'stop');
  if (!grave) return next;
  return { ...next, stop: { item: key, reading: null, hazard: null, look: grave.look } };
}

/** Stopped by a danger that is there. */
export const stoppedBy = (run: RunState, key: string, hazard: Hazard): RunState => ({
  ...run,
  stop: { item: key, reading: null, hazard },
});
