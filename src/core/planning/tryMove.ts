import { costOf } from './costOf.ts';
import type { CostParts } from './costs.ts';
import type { ReadyProblem } from './ready.ts';

/** The consequences of having some tasks in other weeks, everything else staying where it is. */
export interface TriedMove {
  /** By parts, what it costs more than now; less where it is below 0. */
  readonly more: CostParts;
  /** Weeks past its latest of the task that is latest; 0 where none is late. */
  readonly weeksLate: number;
  /** Set-ups that would be out in one week more. */
  readonly setUps: readonly string[];
  /** Visits that would be called in one week more. */
  readonly visits: readonly string[];
  /** Minutes of the fullest of the weeks it comes to that are past what is given. */
  readonly over: number;
  /** Why it may not be: a week that is closed to it, or a task it is ordered with. */
  readonly forbidden: null | { readonly task: string; readonly with: string | null };
}

/** Weighs a change of a plan without making it. `plan`: week by task, -1 for none. Microseconds for a large home. */
export function tryMove(
  ready: ReadyProblem,
  plan: readonly number[],
  change: ReadonlyMap<number, number>,
): TriedMove {
  const next = plan.map((week, task) => change.get(task) ?? week);
  const [before, after] = [costOf(ready, plan), costOf(ready, next)];
  const part = (name: keyof CostParts): number => after[name] - before[name];
  const late = [...change].map(([task, week]) => Math.max(0, week - (ready.tasks[task]?.latest ?? week)));
  const [setUpsNow, setUpsThen] = [setUpWeeks(ready, plan), setUpWeeks(ready, next)];
  const [visitsNow, visitsThen] = [visitWeeks(ready, plan), visitWeeks(ready, next)];
  return {
    more: {
      late: part('late'),
      due: part('due'),
      load: part('load'),
      setups: part('setups'),
      visits: part('visits'),
      supplies: part('supplies'),
      moved: part('moved'),
    },
    weeksLate: Math.max(0, ...late),
    setUps: oftener(setUpsNow, setUpsThen),
    visits: oftener(visitsNow, visitsThen),
    over: Math.max(0, ...[...new Set(change.values())].map((week) => overload(ready, next, week))),
    forbidden: forbiddenBy(ready, next, change),
  };
}

/** How many weeks each set-up is used in. */
function setUpWeeks(ready: ReadyProblem, plan: readonly number[]): Map<string, number> {
  return weeksUsed(plan, (task) => ready.tasks[task]?.setups ?? []);
}

function visitWeeks(ready: ReadyProblem, plan: readonly number[]): Map<string, number> {
  return weeksUsed(plan, (task) => {
    const visit = ready.tasks[task]?.visit;
    return visit === undefined ? [] : [visit];
  });
}

function weeksUsed(plan: readonly number[], uses: (task: number) => readonly string[]): Map<string, number> {
  const weeks = new Map<string, Set<number>>();
  for (const [task, week] of plan.entries())
    for (const one of week < 0 ? [] : uses(task)) weeks.set(one, (weeks.get(one) ?? new Set()).add(week));
  return new Map([...weeks].map(([one, used]) => [one, used.size]));
}

const oftener = (now: ReadonlyMap<string, number>, then: ReadonlyMap<string, number>): string[] =>
  [...then].flatMap(([one, count]) => (count > (now.get(one) ?? 0) ? [one] : []));

function overload(ready: ReadyProblem, plan: readonly number[], week: number): number {
  const setUps = new Set<number>();
  let minutes = 0;
  for (const [task, at] of plan.entries())
    if (at === week) {
      minutes += ready.minutes[task] ?? 0;
      for (const setUp of ready.setupsOf[task] ?? []) setUps.add(setUp);
    }
  for (const setUp of setUps) minutes += ready.setupMinutes[setUp] ?? 0;
  return Math.max(0, minutes - (ready.problem.budget[week] ?? 0));
}

function forbiddenBy(
  ready: ReadyProblem,
  plan: readonly number[],
  change: ReadonlyMap<number, number>,
): TriedMove['forbidden'] {
  for (const [task, week] of change) {
    const id = ready.tasks[task]?.id ?? '';
    if (ready.isAllowed[task * ready.weeks + week] !== 1) return { task: id, with: null };
    const early = ready.before[task]?.find(
      ({ task: other, gap }) => isAt(plan, other) && at(plan, other) + gap > week,
    );
    const late = ready.after[task]?.find(
      ({ task: other, gap }) => isAt(plan, other) && week + gap > at(plan, other),
    );
    const clash = early ?? late;
    if (clash) return { task: id, with: ready.tasks[clash.task]?.id ?? null };
  }
  return null;
}

const at = (plan: readonly number[], task: number): number => plan[task] ?? -1;
const isAt = (plan: readonly number[], task: number): boolean => at(plan, task) >= 0;
