import type { FindPractice } from '../house/timingOf.ts';
import { roundOf } from './rounds.ts';
import { isSettled, stateOf, type RunItem, type RunState } from './runState.ts';

/** Something that must be finished before an item, and why. */
export interface Waits {
  readonly item: RunItem;
  /** Why the row sits where it does, in the catalogue's words; null where the practice itself says so. */
  readonly because: string | null;
}

/** The inputs that decide the order of a run: the practices, and the open tasks. */
export interface OrderFrom {
  readonly find: FindPractice;
  /** Whether a task is outstanding: one done lately need not be done again first. */
  readonly isDue: (duty: string) => boolean;
}

/**
 * Whether an item has to wait for another: not for a repair nobody has found a need for, nor for what was done lately. What is done to
 * the same thing always matters: the hose may be on the tap again.
 */
function matters(other: RunItem, item: RunItem, { find, isDue }: OrderFrom): boolean {
  if (other.books) return false;
  const practice = other.practice === null ? undefined : find(other.practice);
  if (practice?.kind === 'response') return false;
  const isOfTheSame = other.assets.some((asset) => item.assets.includes(asset));
  return isOfTheSame || other.duties.length === 0 || other.duties.some(isDue);
}

/** Items that an item still waits for: the rows of its round that come first, and what its practice is done after. */
export function waitsFor(run: RunState, item: RunItem, from: OrderFrom): Waits[] {
  const round = run.round === null ? undefined : roundOf(run.round);
  const row = round?.rows.find((one) => one.row === item.row);
  const after = item.practice === null ? [] : (from.find(item.practice)?.after ?? []);
  return run.items.flatMap((other): Waits[] => {
    if (other.key === item.key || isSettled(stateOf(run, other.key)) || !matters(other, item, from))
      return [];
    if (row?.after.includes(other.row)) return [{ item: other, because: row.because }];
    const first = other.practice !== null && other.row <= item.row && after.includes(other.practice);
    return first ? [{ item: other, because: null }] : [];
  });
}

/** The first item that is open and waits for nothing; else the first open one; null when all are settled. */
export function nextItem(run: RunState, from: OrderFrom): RunItem | null {
  const open = run.items.filter(({ key }) => !isSettled(stateOf(run, key)));
  return open.find((item) => waitsFor(run, item, from).length === 0) ?? open[0] ?? null;
}

/** The other ways to do the same, where a step cannot be done: what the practice says to try next, in its order, then the rest of the group. */
export function otherWays(
  item: RunItem,
  practices: readonly {
    code: string;
    alternatives?: string | undefined;
    leadsTo?: readonly string[] | undefined;
  }[],
): string[] {
  const own = practices.find(({ code }) => code === item.practice);
  if (own?.alternatives === undefined) return [];
  const next = own.leadsTo ?? [];
  const place = (code: string): number => (next.includes(code) ? next.indexOf(code) : next.length);
  return practices
    .filter(({ code, alternatives }) => alternatives === own.alternatives && code !== own.code)
    .map(({ code }) => code)
    .sort((a, b) => place(a) - place(b));
}
