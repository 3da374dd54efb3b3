import { problemShape, type PlanTask } from './problemShape.ts';

export { MOST_WEEKS, type PlanTask, type Problem } from './problemShape.ts';

/** A planning problem by itself: weeks, hours and tasks, without a house. Documented for users in docs/planning.md. */
export const problemSchema = problemShape.check(({ value, issues }) => {
  const wrong = (path: PropertyKey[], fault: Fault): void => {
    issues.push({ code: 'custom', path, params: { problem: fault }, message: FAULTS[fault], input: value });
  };
  if (value.budget.length !== value.weeks) wrong(['budget'], 'plan-budget');
  unique(value.setups, 'setups', wrong);
  unique(value.visits, 'visits', wrong);
  unique(value.tasks, 'tasks', wrong);
  namesThatAreThere(value, wrong);
});

/** Faults that only the whole problem shows, and what would be right; the words of the product stand in the locales. */
const FAULTS = {
  'plan-budget': 'must have one number for each week',
  'plan-twice': 'must not be used twice',
  'plan-week': 'must be below the number of weeks',
  'plan-unknown': 'must name one that the file has',
  'plan-once': 'must name each set-up once',
  'plan-self': 'must name two different tasks',
  'plan-circle': 'must not lead back in a circle',
  'plan-span': 'must be [first, last] with first not after last',
} as const;
type Fault = keyof typeof FAULTS;
type Wrong = (path: PropertyKey[], fault: Fault) => void;

function unique(list: readonly { readonly id: string }[], of: string, wrong: Wrong): void {
  const seen = new Set<string>();
  for (const [index, { id }] of list.entries()) {
    if (seen.has(id)) wrong([of, index, 'id'], 'plan-twice');
    seen.add(id);
  }
}

interface Named {
  readonly weeks: number;
  readonly setups: readonly { readonly id: string }[];
  readonly visits: readonly { readonly id: string }[];
  readonly tasks: readonly PlanTask[];
  readonly before: readonly (readonly [string, string, number?])[];
  readonly blocked: readonly {
    readonly weeks: readonly [number, number];
    readonly task?: string | undefined;
  }[];
}

function namesThatAreThere(value: Named, wrong: Wrong): void {
  const [setups, visits, tasks] = [value.setups, value.visits, value.tasks].map(
    (list: readonly { readonly id: string }[]) => new Set(list.map(({ id }) => id)),
  ) as [Set<string>, Set<string>, Set<string>];
  for (const [index, task] of value.tasks.entries()) {
    if (task.weeks[1] >= value.weeks) wrong(['tasks', index, 'weeks', 1], 'plan-week');
    if (task.seen !== undefined && task.seen >= value.weeks) wrong(['tasks', index, 'seen'], 'plan-week');
    for (const [place, id] of task.setups.entries())
      if (!setups.has(id)) wrong(['tasks', index, 'setups', place], 'plan-unknown');
    if (new Set(task.setups).size !== task.setups.length) wrong(['tasks', index, 'setups'], 'plan-once');
    if (task.visit !== undefined && !visits.has(task.visit)) wrong(['tasks', index, 'visit'], 'plan-unknown');
  }
  for (const [index, [first, second]] of value.before.entries()) {
    for (const [place, id] of [first, second].entries())
      if (!tasks.has(id)) wrong(['before', index, place], 'plan-unknown');
    if (first === second) wrong(['before', index], 'plan-self');
  }
  const circle = firstCircle(value.before);
  if (circle !== null) wrong(['before', circle], 'plan-circle');
  for (const [index, { task }] of value.blocked.entries())
    if (task !== undefined && !tasks.has(task)) wrong(['blocked', index, 'task'], 'plan-unknown');
}

/** The place of the first order that leads back to where it starts; null where none does. */
function firstCircle(before: Named['before']): number | null {
  const after = new Map<string, string[]>();
  for (const [index, [first, second]] of before.entries()) {
    const reached = [second];
    const seen = new Set(reached);
    // The list grows while it is read: a task that is added is followed in its turn.
    for (const one of reached)
      for (const next of after.get(one) ?? [])
        if (!seen.has(next)) {
          seen.add(next);
          reached.push(next);
        }
    if (first !== second && seen.has(first)) return index;
    after.set(first, [...(after.get(first) ?? []), second]);
  }
  return null;
}
