import { leastWeek } from './construct.ts';
import type { Draft } from './draft.ts';
import { groupsOf, move, undo } from './moves.ts';

/** Gains below this are rounding. */
const GAIN = 1e-9;

/** Moves single tasks, then groups that share a set-up or a visit, as long as any of it saves something. */
export function descend(draft: Draft): void {
  do {
    while (relocateAll(draft)) continue;
  } while (moveGroups(draft));
}

/** The same, and swaps of two tasks. */
export function descendFar(draft: Draft): void {
  do descend(draft);
  while (swapAll(draft));
}

/** Each task to the week where it costs least. Answers whether any moved. */
function relocateAll(draft: Draft): boolean {
  let moved = false;
  for (const task of draft.ready.order) {
    const week = draft.week[task] ?? -1;
    if (week < 0) continue;
    const saved = -draft.take(task);
    const best = leastWeek(draft, task);
    const isBetter = best !== week && draft.asks(task, best) < saved - GAIN;
    draft.put(task, isBetter ? best : week);
    moved ||= isBetter;
  }
  return moved;
}

function moveGroups(draft: Draft): boolean {
  let moved = false;
  for (const task of draft.ready.order)
    for (const group of groupsOf(draft, task)) {
      if (group[0] !== task) continue;
      for (const week of draft.ready.allowed[task] ?? []) {
        if (week === draft.week[task]) continue;
        moved =
          keepIfBetter(
            draft,
            group,
            group.map(() => week),
          ) || moved;
      }
    }
  return moved;
}

function swapAll(draft: Draft): boolean {
  let moved = false;
  const { order, isAllowed, weeks } = draft.ready;
  for (const [place, one] of order.entries())
    for (const other of order.slice(place + 1)) {
      const [a, b] = [draft.week[one] ?? -1, draft.week[other] ?? -1];
      if (a < 0 || b < 0 || a === b) continue;
      if (isAllowed[one * weeks + b] !== 1 || isAllowed[other * weeks + a] !== 1) continue;
      moved = keepIfBetter(draft, [one, other], [b, a]) || moved;
    }
  return moved;
}

function keepIfBetter(draft: Draft, tasks: readonly number[], weeks: readonly number[]): boolean {
  const made = move(draft, tasks, weeks);
  if (made === null) return false;
  if (made.cost < -GAIN) return true;
  undo(draft, made);
  return false;
}
