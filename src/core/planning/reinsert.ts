import { pickFrom, seededRandom } from '../basics/random.ts';
import type { Effort } from './anneal.ts';
import type { Draft } from './draft.ts';
import { undo } from './moves.ts';
import { isMovable } from './ready.ts';

/** The most tasks taken out at once. */
const MOST_OUT = 8;
/** Weeks to either side in which tasks that share a set-up or a visit are taken out together. */
const FAR = 6;
/** The same for tasks that only lie close to each other, and the share of them taken. */
const NEAR = 2;
const NEAR_SHARE = 0.4;
/** Share of the weeks passed over when a task is put back, so that it does not always come back to the same one. */
const PASSED_OVER = 0.05;
/** Minutes of cost: a change that costs so much is taken about once in three, at first and at last. */
const WARM = 25;
const COLD = 0.4;
/** Weeks looked at between two answers of progress. */
const BATCH = 4_000;

/**
 * Improves a plan by taking a few tasks that belong together out of it and putting each back where it costs least, as long as `moves` weeks
 * have not been looked at. It reaches plans that moving one task at a time does not: a set-up used in one week less, a visit saved. The same
 * seed gives the same plan. Leaves the best one found in the draft; answers how many weeks were looked at.
 * Source: ruin and recreate, Schrimpf and others, 2000.
 */
export function reinsert(draft: Draft, { moves, seed, goesOn }: Effort): number {
  const { ready } = draft;
  const random = seededRandom(seed);
  const movable = ready.order.filter((task) => isMovable(ready, task));
  if (movable.length === 0) return moves;
  const best = draft.week.slice();
  let [cost, least, tried, asked] = [0, 0, 0, 0];
  while (tried < moves) {
    if (tried - asked >= BATCH) {
      asked = tried;
      if (goesOn && !goesOn(tried)) break;
    }
    const warmth = WARM * (COLD / WARM) ** (tried / moves);
    const out = takeOut(draft, movable, random);
    const back = putBack(draft, out.tasks, random);
    tried += back.looked;
    const change = out.cost + back.cost;
    if (back.complete && (change <= 0 || random() < Math.exp(-change / warmth))) cost += change;
    else undo(draft, out);
    if (cost >= least - 1e-9) continue;
    least = cost;
    best.set(draft.week);
  }
  draft.becomes(best);
  // Work that was begun is ended, some weeks past the number asked for.
  return Math.min(tried, moves);
}

interface TakenOut {
  readonly tasks: number[];
  readonly had: number[];
  cost: number;
}

/** Takes one task out, and others with it: of its week and of one it could take, those that share a set-up or a visit, or those close by. */
function takeOut(draft: Draft, movable: readonly number[], random: () => number): TakenOut {
  const { ready, week } = draft;
  const out: TakenOut = { tasks: [], had: [], cost: 0 };
  const first = pickFrom(movable, random);
  const at = week[first] ?? -1;
  const kind = random();
  const other = pickFrom(ready.allowed[first] ?? [], random);
  const isClose = (task: number, weeks: number): boolean => Math.abs((week[task] ?? -1) - at) <= weeks;
  const goes =
    kind < 0.4
      ? (task: number) => week[task] === at || week[task] === other
      : kind < 0.8
        ? (task: number) => isClose(task, FAR)
        : (task: number) => isClose(task, NEAR) && random() < NEAR_SHARE;
  const from = kind >= 0.4 && kind < 0.8 ? (ready.mates[first] ?? []) : movable;
  take(draft, out, first);
  const start = Math.floor(random() * from.length);
  for (let step = 0; step < from.length && out.tasks.length < MOST_OUT; step += 1) {
    const task = from[(start + step) % from.length] ?? -1;
    if ((week[task] ?? -1) >= 0 && isMovable(ready, task) && goes(task)) take(draft, out, task);
  }
  return out;
}

function take(draft: Draft, out: TakenOut, task: number): void {
  out.tasks.push(task);
  out.had.push(draft.week[task] ?? -1);
  out.cost += draft.take(task);
}

/** Puts tasks back one by one: in any order, the longest first, or those with the fewest weeks first. Incomplete where one finds no week. */
function putBack(
  draft: Draft,
  tasks: readonly number[],
  random: () => number,
): { readonly cost: number; readonly looked: number; readonly complete: boolean } {
  const { ready } = draft;
  let [cost, looked] = [0, 0];
  for (const task of shuffled(draft, tasks, random)) {
    let [best, least] = [-1, Infinity];
    for (const week of ready.allowed[task] ?? []) {
      looked += 1;
      if (random() < PASSED_OVER || !draft.fits(task, week)) continue;
      const asks = draft.asks(task, week);
      if (asks < least) [best, least] = [week, asks];
    }
    if (best < 0) return { cost, looked, complete: false };
    cost += draft.put(task, best);
  }
  return { cost, looked, complete: true };
}

function shuffled({ ready }: Draft, tasks: readonly number[], random: () => number): number[] {
  const order = [...tasks];
  for (let last = order.length - 1; last > 0; last -= 1) {
    const other = Math.floor(random() * (last + 1));
    [order[last], order[other]] = [order[other] ?? -1, order[last] ?? -1];
  }
  const how = random();
  if (how < 0.5) return order;
  if (how < 0.75) return order.sort((a, b) => (ready.minutes[b] ?? 0) - (ready.minutes[a] ?? 0));
  return order.sort((a, b) => (ready.allowed[a]?.length ?? 0) - (ready.allowed[b]?.length ?? 0));
}
