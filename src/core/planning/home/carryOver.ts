import { toDay, type CivilDate } from '../../calendar/civilDate.ts';
import type { PlanTask, Problem } from '../problem.ts';
import { readyProblem } from '../ready.ts';
import type { HomeTask } from './homeTask.ts';
import type { Weeks } from './weeks.ts';

/** A time of a task that was given the week of a day. `number`: null where its times have been counted anew since. */
export interface Kept {
  readonly duty: string;
  readonly number: number | null;
  readonly day: CivilDate;
}

/** The weeks that are still good, by key, and what nothing takes any more. */
export interface Carried<K extends Kept> {
  readonly weeks: ReadonlyMap<string, { readonly week: number; readonly kept: K }>;
  readonly dropped: readonly K[];
}

/**
 * Brings weeks that were given before to the tasks as they are now: by its number where it is known, else to the first time of the task that
 * may be in that week. What lies before this week is forgotten.
 */
export function carryOver<K extends Kept>(
  kept: readonly K[],
  tasks: readonly HomeTask[],
  { problem, weeks }: { readonly problem: Problem; readonly weeks: Weeks },
): Carried<K> {
  const windows = new Map(problem.tasks.map((task) => [task.id, task]));
  const byDuty = new Map<string, PlanTask[]>();
  for (const { duty, key } of tasks) {
    const window = windows.get(key);
    if (window) byDuty.set(duty, [...(byDuty.get(duty) ?? []), window]);
  }
  const found = new Map<string, { week: number; kept: K }>();
  const dropped: K[] = [];
  const ahead = kept
    .map((one) => ({ one, week: weeks.of(toDay(one.day)) }))
    .filter(({ week }) => week >= 0)
    .sort((a, b) => a.week - b.week);
  for (const { one, week } of [
    ...ahead.filter(({ one: { number } }) => number !== null),
    ...ahead.filter(({ one: { number } }) => number === null),
  ]) {
    const key = `${one.duty} ${one.number}`;
    const taker = (byDuty.get(one.duty) ?? []).find(
      ({ id, weeks: [first, last] }) =>
        !found.has(id) && week >= first && week <= last && (one.number === null || id === key),
    );
    if (taker) found.set(taker.id, { week, kept: one });
    else dropped.push(one);
  }
  return { weeks: found, dropped };
}

/** The problem with the plan already seen: a replan moves as little as it can. */
export const withSeen = (problem: Problem, seen: ReadonlyMap<string, number>): Problem => ({
  ...problem,
  tasks: problem.tasks.map((task) => {
    const week = seen.get(task.id);
    return week === undefined ? task : { ...task, seen: week };
  }),
});

/** The tasks placed by hand that stay where they were put, and those that cannot, by key. */
export interface Held {
  readonly problem: Problem;
  readonly held: ReadonlyMap<string, number>;
  readonly impossible: readonly string[];
}

/**
 * The problem with tasks held in their weeks. One whose week is closed, or that would leave another without a week, is not held and is
 * named: a placing by hand never takes the week of another task.
 */
export function withHeld(problem: Problem, placed: ReadonlyMap<string, number>): Held {
  const lost = new Set(readyProblem(problem).unplaced.keys());
  const held = new Map<string, number>();
  const impossible: string[] = [];
  let now = problem;
  for (const [key, week] of placed) {
    const next = hold(now, key, week);
    // One after the other: which of them is one too many shows only so.
    const unplaced = readyProblem(next).unplaced;
    if ([...unplaced.keys()].every((task) => lost.has(task))) {
      now = next;
      held.set(key, week);
    } else impossible.push(key);
  }
  return { problem: now, held, impossible };
}

const hold = (problem: Problem, key: string, week: number): Problem => ({
  ...problem,
  tasks: problem.tasks.map((task) => (task.id === key ? { ...task, weeks: [week, week] } : task)),
});
