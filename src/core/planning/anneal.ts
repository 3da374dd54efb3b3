import { pickFrom, seededRandom } from '../basics/random.ts';
import type { Draft } from './draft.ts';
import { move, undo, type Made } from './moves.ts';
import { isMovable } from './ready.ts';

/** Cooling once: the warmth it starts with, in minutes of cost (a change that costs so much is then taken about once in three), and its share of the changes. */
interface Round {
  readonly warm: number;
  readonly share: number;
}
/** The first leaves weeks that are overfull by hours. Each goes on from the best so far. */
const ROUNDS: readonly Round[] = [
  { warm: 600, share: 0.15 },
  { warm: 60, share: 0.85 },
];
/** The warmth each round ends with. */
const COLD = 0.4;
/** Shares of the changes that are tried; the rest are groups. */
const RELOCATE = 0.5;
const JOIN = 0.3;
const SWAP = 0.12;
const NONE = new Int32Array();
/** Changes between two answers of progress, and whether to go on. */
const BATCH = 2_000;

/** How many changes are tried, and in which order. `goesOn` is asked between batches, so that it can be stopped. */
export interface Effort {
  readonly moves: number;
  readonly seed: number;
  readonly goesOn?: (done: number) => boolean;
}

/**
 * Improves a plan by trying `moves` changes: mostly one task to another week, at times two that swap or a group that shares a set-up. A
 * change that costs is taken the less often the cooler it gets. The same seed gives the same plan. Leaves the best one found in the draft; answers how many changes were tried.
 * Source: simulated annealing, Kirkpatrick and others, 1983.
 */
export function anneal(draft: Draft, { moves, seed, goesOn }: Effort): number {
  const random = seededRandom(seed);
  let tried = 0;
  let isStopped = false;
  const asked = (done: number): boolean => {
    isStopped = goesOn !== undefined && !goesOn(done);
    return !isStopped;
  };
  for (const [round, { warm, share }] of ROUNDS.entries()) {
    const count = round === ROUNDS.length - 1 ? moves - tried : Math.floor(moves * share);
    const before = tried;
    tried += coolDown(draft, count, { warm, random, goesOn: (done) => asked(before + done) });
    if (isStopped) break;
  }
  return tried;
}

interface Cooling {
  readonly warm: number;
  readonly random: () => number;
  readonly goesOn: (done: number) => boolean;
}

/** One round: from warm to cold. Leaves the best plan found in the draft; answers how many changes were tried. */
function coolDown(draft: Draft, moves: number, { warm, random, goesOn }: Cooling): number {
  const { ready } = draft;
  const movable = ready.order.filter((task) => isMovable(ready, task));
  if (movable.length === 0) return moves;
  let [cost, least, warmth] = [0, 0, warm];
  const luck: Luck = {
    random,
    pick: (list) => pickFrom(list, random),
    takes: (change) => change <= 0 || random() < Math.exp(-change / warmth),
  };
  const best = draft.week.slice();
  let tried = 0;
  for (; tried < moves; tried += 1) {
    if (tried % BATCH === 0 && tried > 0 && !goesOn(tried)) break;
    warmth = warm * (COLD / warm) ** (tried / moves);
    cost += propose(draft, luck.pick(movable), luck);
    if (cost < least - 1e-9) {
      least = cost;
      best.set(draft.week);
    }
  }
  draft.becomes(best);
  return tried;
}

interface Luck {
  readonly random: () => number;
  readonly pick: <T>(list: ArrayLike<T>) => T;
  /** Whether a change that costs so much is taken now. */
  readonly takes: (cost: number) => boolean;
}

/** Tries a change around one task. Answers what it cost; 0 where it was not taken, a rule forbids it or it changes nothing. */
function propose(draft: Draft, task: number, luck: Luck): number {
  const { ready } = draft;
  const kind = luck.random();
  const week = luck.pick(ready.allowed[task] ?? []);
  const now = draft.week[task] ?? -1;
  if (week === now) return 0;
  if (kind < RELOCATE) return relocate(draft, task, week, luck);
  if (kind < RELOCATE + JOIN) {
    const mates = ready.mates[task] ?? NONE;
    if (mates.length === 0) return 0;
    const there = draft.week[luck.pick(mates)] ?? -1;
    return there < 0 || there === now ? 0 : relocate(draft, task, there, luck);
  }
  if (kind < RELOCATE + JOIN + SWAP) {
    const other = luck.pick(ready.order);
    const there = draft.week[other] ?? -1;
    if (there < 0 || there === now || ready.isAllowed[task * ready.weeks + there] !== 1) return 0;
    return settle(draft, move(draft, [task, other], [there, now]), luck);
  }
  const group = [task];
  for (const mate of ready.mates[task] ?? NONE) if (draft.week[mate] === now) group.push(mate);
  if (group.length === 1) return 0;
  return settle(draft, move(draft, group, new Array<number>(group.length).fill(week)), luck);
}

/** The commonest change, without making what is then taken back. */
function relocate(draft: Draft, task: number, week: number, { takes }: Luck): number {
  if (!draft.fits(task, week)) return 0;
  const now = draft.week[task] ?? -1;
  const change = draft.take(task) + draft.asks(task, week);
  const taken = takes(change);
  draft.put(task, taken ? week : now);
  return taken ? change : 0;
}

function settle(draft: Draft, made: Made | null, { takes }: Luck): number {
  if (made === null) return 0;
  if (takes(made.cost)) return made.cost;
  undo(draft, made);
  return 0;
}
