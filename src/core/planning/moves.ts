import type { Draft } from './draft.ts';

/** A change of the plan that is made already: the tasks it moved with the weeks they had, and its cost. */
export interface Made {
  readonly tasks: readonly number[];
  readonly had: readonly number[];
  readonly cost: number;
}

/** Moves some tasks to weeks of their own. Answers null, with nothing changed, where a rule forbids it. */
export function move(draft: Draft, tasks: readonly number[], weeks: readonly number[]): Made | null {
  let cost = 0;
  const had = tasks.map((task) => draft.week[task] ?? -1);
  for (const task of tasks) cost += draft.take(task);
  for (const [place, task] of tasks.entries()) {
    const week = weeks[place] ?? -1;
    if (draft.fits(task, week)) {
      cost += draft.put(task, week);
      continue;
    }
    undo(draft, { tasks, had });
    return null;
  }
  return { tasks, had, cost };
}

/** Takes a change back. */
export function undo(draft: Draft, { tasks, had }: Pick<Made, 'tasks' | 'had'>): void {
  for (const task of tasks) draft.take(task);
  for (const [place, task] of tasks.entries()) draft.put(task, had[place] ?? -1);
}

/** Tasks of a week that share a set-up or a visit with one of them, itself included. */
export function groupsOf(draft: Draft, task: number): number[][] {
  const { ready } = draft;
  const week = draft.week[task] ?? -1;
  const together = (shares: (other: number) => boolean): number[] =>
    [...ready.tasks.keys()].filter((other) => draft.week[other] === week && shares(other));
  const visit = ready.visitOf[task] ?? -1;
  return [
    ...[...(ready.setupsOf[task] ?? [])].map((setup) =>
      together((other) => ready.setupsOf[other]?.includes(setup) ?? false),
    ),
    ...(visit >= 0 ? [together((other) => ready.visitOf[other] === visit)] : []),
  ].filter((group) => group.length > 1);
}
