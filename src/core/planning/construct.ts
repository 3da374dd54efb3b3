import type { Draft } from './draft.ts';
import type { ReadyProblem } from './ready.ts';

/** Gives every task a week, the most pressing of those that wait for none first, each where it adds least. */
export function construct(draft: Draft): void {
  const { ready } = draft;
  const waiting = ready.tasks.map((_, task) => ready.before[task]?.length ?? 0);
  const free = ready.tasks.flatMap((_, task) =>
    waiting[task] === 0 && !ready.unplaced.has(task) ? [task] : [],
  );
  const rank = pressing(ready);
  while (free.length > 0) {
    let first = 0;
    for (let at = 1; at < free.length; at += 1)
      if ((rank[free[at] ?? 0] ?? 0) < (rank[free[first] ?? 0] ?? 0)) first = at;
    const [task] = free.splice(first, 1);
    if (task === undefined) return;
    const week = leastWeek(draft, task);
    if (week >= 0) draft.put(task, week);
    for (const { task: next } of ready.after[task] ?? []) {
      waiting[next] = (waiting[next] ?? 0) - 1;
      if (waiting[next] === 0) free.push(next);
    }
  }
}

/** The week where a task without one adds least to the cost; -1 where it fits none. */
export function leastWeek(draft: Draft, task: number): number {
  let [best, least] = [-1, Infinity];
  for (const week of draft.ready.allowed[task] ?? []) {
    if (!draft.fits(task, week)) continue;
    const cost = draft.asks(task, week);
    if (cost < least) [best, least] = [week, cost];
  }
  return best;
}

/** The rank of each task: what is costly to leave and soon late goes first, and then long work, which is hard to fit in. */
function pressing({ tasks }: ReadyProblem): number[] {
  const sorted = [...tasks.keys()].sort((a, b) => {
    const [one, other] = [tasks[a], tasks[b]];
    if (!one || !other) return 0;
    return one.latest - other.latest || other.late - one.late || other.minutes - one.minutes;
  });
  const rank = tasks.map(() => 0);
  for (const [place, task] of sorted.entries()) rank[task] = place;
  return rank;
}
