import type { CostParts } from './costs.ts';
import { ownParts, type ReadyProblem } from './ready.ts';
import { loadCost } from './week.ts';

/** The cost of a plan by parts, worked out anew. `plan`: the week of each task, -1 for one without. */
export function costOf(ready: ReadyProblem, plan: ArrayLike<number>): CostParts {
  const { problem, costs, tasks, weeks } = ready;
  const parts = { late: 0, due: 0, load: 0, setups: 0, visits: 0, supplies: 0, moved: 0 };
  const setups = Array.from({ length: weeks }, () => new Set<number>());
  const visits = Array.from({ length: weeks }, () => new Set<number>());
  const minutes = new Float64Array(weeks);
  for (const [index, task] of tasks.entries()) {
    const week = plan[index] ?? -1;
    if (week < 0) continue;
    const own = ownParts(task, week, costs);
    parts.late += own.late;
    parts.due += own.due;
    parts.supplies += own.supplies;
    parts.moved += own.moved;
    minutes[week] = (minutes[week] ?? 0) + task.minutes;
    for (const setup of ready.setupsOf[index] ?? []) setups[week]?.add(setup);
    const visit = ready.visitOf[index] ?? -1;
    if (visit >= 0) visits[week]?.add(visit);
  }
  for (let week = 0; week < weeks; week += 1) {
    let load = minutes[week] ?? 0;
    for (const setup of setups[week] ?? []) {
      const takes = ready.setupMinutes[setup] ?? 0;
      load += takes;
      parts.setups += costs.setUp * takes;
    }
    for (const visit of visits[week] ?? []) parts.visits += ready.visitCost[visit] ?? 0;
    parts.load += loadCost(load, problem.budget[week] ?? 0, costs);
  }
  return parts;
}

/** Rules a plan breaks, by the ids of the tasks: a week that is closed, or an order that is not kept. Empty for a sound plan. */
export function brokenRules(ready: ReadyProblem, plan: ArrayLike<number>): string[] {
  return ready.tasks.flatMap(({ id }, task): string[] => {
    const week = plan[task] ?? -1;
    if (week < 0) return ready.unplaced.has(task) ? [] : [`${id} has no week`];
    if (ready.isAllowed[task * ready.weeks + week] !== 1) return [`${id} may not be in week ${week}`];
    return (ready.before[task] ?? []).flatMap(({ task: other, gap }) =>
      (plan[other] ?? -1) + gap > week
        ? [`${id} is not ${gap} weeks after ${ready.tasks[other]?.id ?? ''}`]
        : [],
    );
  });
}
