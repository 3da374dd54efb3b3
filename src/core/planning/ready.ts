import { USUAL_COSTS, type CostParts, type Costs } from './costs.ts';
import type { PlanTask, Problem } from './problem.ts';

/** A rule between two tasks, seen from one of them: the other, and the weeks between. */
export interface Link {
  readonly task: number;
  readonly gap: number;
}

/** Why no week is left to a task: all its weeks are closed, or too early or too late for a task it is ordered with. */
export type NoWeek = { readonly rule: 'blocked' } | { readonly rule: 'order'; readonly with: string };

/** A problem made ready to be solved: numbers instead of names, and for each task the weeks that no rule forbids. */
export interface ReadyProblem {
  readonly problem: Problem;
  readonly costs: Costs;
  readonly weeks: number;
  readonly tasks: readonly PlanTask[];
  readonly minutes: Float64Array;
  /** Cost of a task in a week by itself (all but load, set-ups and visits), task by task. */
  readonly own: Float64Array;
  /** Weeks each task may take; empty for one that can take none. */
  readonly allowed: readonly Int32Array[];
  /** 1 where a task may take a week, task by task. */
  readonly isAllowed: Uint8Array;
  readonly setupsOf: readonly Int32Array[];
  readonly setupMinutes: Float64Array;
  /** The visit of each task; -1 for none. */
  readonly visitOf: Int32Array;
  readonly visitCost: Float64Array;
  /** Tasks that share a set-up or a visit with each task, and whose weeks meet its own. */
  readonly mates: readonly Int32Array[];
  /** Tasks that come before each task, and after it. */
  readonly before: readonly (readonly Link[])[];
  readonly after: readonly (readonly Link[])[];
  /** Tasks so that each stands after all that come before it. */
  readonly order: readonly number[];
  readonly unplaced: ReadonlyMap<number, NoWeek>;
}

/** Makes a problem ready. */
export function readyProblem(problem: Problem): ReadyProblem {
  const { weeks, tasks } = problem;
  const costs = problem.costs ?? USUAL_COSTS;
  const at = new Map(tasks.map(({ id }, index) => [id, index]));
  const links = linksOf(problem, at);
  const isAllowed = openWeeks(problem, at);
  closeCircles(tasks, weeks, links, isAllowed);
  const unplaced = narrow(tasks, weeks, links, isAllowed);
  const setupAt = new Map(problem.setups.map(({ id }, index) => [id, index]));
  const visitAt = new Map(problem.visits.map(({ id }, index) => [id, index]));
  const setupsOf = tasks.map(({ setups }) => Int32Array.from(setups, (id) => setupAt.get(id) ?? -1));
  const visitOf = Int32Array.from(tasks, ({ visit }) =>
    visit === undefined ? -1 : (visitAt.get(visit) ?? -1),
  );
  const allowed = tasks.map((_, task) =>
    Int32Array.from(range(weeks).filter((week) => isAllowed[task * weeks + week] === 1)),
  );
  return {
    problem,
    costs,
    weeks,
    tasks,
    minutes: Float64Array.from(tasks, ({ minutes }) => minutes),
    own: Float64Array.from(tasks.flatMap((task) => range(weeks).map((week) => ownCost(task, week, costs)))),
    allowed,
    mates: matesOf({ setupsOf, visitOf, allowed }),
    isAllowed,
    setupsOf,
    setupMinutes: Float64Array.from(problem.setups, ({ minutes }) => minutes),
    visitOf,
    visitCost: Float64Array.from(problem.visits, ({ cost }) => cost),
    before: links.before,
    after: links.after,
    order: inOrder(tasks.length, links),
    unplaced,
  };
}

/** Whether a task has a week and could have another. */
export const isMovable = ({ allowed, unplaced }: ReadyProblem, task: number): boolean =>
  (allowed[task]?.length ?? 0) > 1 && !unplaced.has(task);

const range = (count: number): number[] => Array.from({ length: count }, (_, index) => index);

/** Weeks past the latest; weeks before or past the due week; supplies not there; weeks from where it was seen. Each part alone in `costOf`. */
function ownCost(task: PlanTask, week: number, costs: Costs): number {
  const { late, due, supplies, moved } = ownParts(task, week, costs);
  return late + due + supplies + moved;
}

/** The parts of a plan's cost that one task brings by itself. */
export type OwnParts = Pick<CostParts, 'late' | 'due' | 'supplies' | 'moved'>;

/** Cost of a task in a week by itself, in its parts. */
export function ownParts(task: PlanTask, week: number, costs: Costs): OwnParts {
  const pastDue = week - task.due;
  const each = pastDue > 0 ? Math.max(costs.early, task.late * costs.dueShare) : -costs.early;
  const away = task.seen === undefined ? 0 : Math.abs(week - task.seen);
  return {
    late: task.late * Math.max(0, week - task.latest),
    due: pastDue === 0 ? 0 : each * pastDue,
    supplies: task.supplied !== undefined && week < task.supplied ? costs.unsupplied : 0,
    moved: away === 0 ? 0 : costs.moved + costs.movedWeek * away,
  };
}

interface Links {
  readonly before: readonly Link[][];
  readonly after: readonly Link[][];
}

function linksOf({ tasks, before }: Problem, at: ReadonlyMap<string, number>): Links {
  const links: Links = { before: tasks.map(() => []), after: tasks.map(() => []) };
  for (const [first, second, gap = 0] of before) {
    const [a, b] = [at.get(first), at.get(second)];
    if (a === undefined || b === undefined) continue;
    links.after[a]?.push({ task: b, gap });
    links.before[b]?.push({ task: a, gap });
  }
  return links;
}

/** The weeks of each task's own window that are not closed. */
function openWeeks({ weeks, tasks, blocked }: Problem, at: ReadonlyMap<string, number>): Uint8Array {
  const open = new Uint8Array(tasks.length * weeks);
  for (const [task, { weeks: window }] of tasks.entries())
    open.fill(1, task * weeks + window[0], task * weeks + window[1] + 1);
  for (const { weeks: closed, task } of blocked) {
    const only = task === undefined ? range(tasks.length) : [at.get(task) ?? -1];
    for (const one of only)
      if (one >= 0)
        open.fill(0, one * weeks + closed[0], Math.min(one * weeks + closed[1], (one + 1) * weeks - 1) + 1);
  }
  return open;
}

/**
 * Takes away weeks that the order of tasks leaves no partner for, until none is left to take. A task left without a week is out, and the
 * others no longer wait for it.
 */
function narrow(
  tasks: readonly PlanTask[],
  weeks: number,
  links: Links,
  open: Uint8Array,
): Map<number, NoWeek> {
  const out = new Map<number, NoWeek>();
  const first = (task: number): number => open.subarray(task * weeks, (task + 1) * weeks).indexOf(1);
  const last = (task: number): number => open.subarray(task * weeks, (task + 1) * weeks).lastIndexOf(1);
  const drop = (task: number, why: NoWeek): void => {
    out.set(task, why);
    for (const link of [...(links.before[task] ?? []), ...(links.after[task] ?? [])]) {
      remove(links.after[link.task] ?? [], task);
      remove(links.before[link.task] ?? [], task);
    }
    links.before[task]?.splice(0);
    links.after[task]?.splice(0);
  };
  for (const task of tasks.keys()) if (first(task) < 0) drop(task, { rule: 'blocked' });
  for (let changed = true; changed;) {
    changed = false;
    for (const task of tasks.keys()) {
      for (const { task: other, gap } of [...(links.before[task] ?? [])]) {
        const from = first(other) + gap;
        if (first(task) < from) {
          open.fill(0, task * weeks, Math.min(task * weeks + from, (task + 1) * weeks));
          changed = true;
        }
        if (first(task) < 0) {
          drop(task, { rule: 'order', with: tasks[other]?.id ?? '' });
          break;
        }
        const until = last(task) - gap;
        if (last(other) > until) {
          open.fill(0, other * weeks + Math.max(0, until + 1), (other + 1) * weeks);
          changed = true;
        }
        if (first(other) < 0) drop(other, { rule: 'order', with: tasks[task]?.id ?? '' });
      }
    }
  }
  return out;
}

/** Tasks that wait for each other in a circle can take no week. */
function closeCircles(tasks: readonly PlanTask[], weeks: number, links: Links, open: Uint8Array): void {
  const free = new Set(inOrder(tasks.length, links));
  for (const task of tasks.keys()) if (!free.has(task)) open.fill(0, task * weeks, (task + 1) * weeks);
}

function remove(list: Link[], task: number): void {
  for (let at = list.length - 1; at >= 0; at -= 1) if (list[at]?.task === task) list.splice(at, 1);
}

/** Each task after all that come before it; of those that are free the first listed. Tasks on a circle were left out before. */
function inOrder(count: number, { before, after }: Links): number[] {
  const waiting = range(count).map((task) => before[task]?.length ?? 0);
  const free = range(count).filter((task) => waiting[task] === 0);
  // The list grows while it is read: a task that becomes free is taken in its turn.
  for (const one of free)
    for (const { task } of after[one] ?? []) {
      waiting[task] = (waiting[task] ?? 0) - 1;
      if (waiting[task] === 0) free.push(task);
    }
  return free;
}

type Shared = Pick<ReadyProblem, 'setupsOf' | 'visitOf' | 'allowed'>;

/** For each task those that share a set-up or a visit with it, found by what they share. */
function matesOf({ setupsOf, visitOf, allowed }: Shared): Int32Array[] {
  const sharers = new Map<string, number[]>();
  const shared = allowed.map((_, task) => {
    const visit = visitOf[task] ?? -1;
    const names = Array.from(setupsOf[task] ?? [], (setup) => `setup ${setup}`);
    if (visit >= 0) names.push(`visit ${visit}`);
    for (const name of names) {
      const list = sharers.get(name) ?? [];
      sharers.set(name, list);
      list.push(task);
    }
    return names;
  });
  const meet = (task: number, other: number): boolean => {
    const [own, theirs] = [allowed[task] ?? [], allowed[other] ?? []];
    const [first = 1, last = 0] = [own[0], own[own.length - 1]];
    const [from = 1, to = 0] = [theirs[0], theirs[theirs.length - 1]];
    return from <= last && to >= first;
  };
  return shared.map((names, task) => {
    const mates = new Set(names.flatMap((name) => sharers.get(name) ?? []));
    mates.delete(task);
    return Int32Array.from([...mates].filter((other) => meet(task, other)));
  });
}
