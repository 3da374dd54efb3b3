import { USUAL_COSTS } from '../costs.ts';
import type { Problem } from '../problem.ts';
import { readyProblem } from '../ready.ts';
import { costOf } from '../costOf.ts';
import { solve, type Plan } from '../solve.ts';
import type { HomeToPlan } from './arrange.ts';
import { carryOver, withHeld, withSeen, type Kept } from './carryOver.ts';

/** A placing by hand that the plan cannot follow: its week is closed or no longer among those of the task, or nothing takes it any more. */
export interface LostPlacing<K extends Kept> {
  readonly kept: K;
  /** The time of the task it was meant for; null where nothing takes it. */
  readonly key: string | null;
}

/** The plan a home goes by, brought to the day. */
export interface CurrentPlan<K extends Kept> {
  /** With what is seen and what is held by hand: what a replan starts from. */
  readonly problem: Problem;
  readonly plan: Plan;
  /** The weeks of the accepted plan that are still good, by key. */
  readonly seen: ReadonlyMap<string, number>;
  /** The tasks held by hand, by key, with the placing that holds it. */
  readonly held: ReadonlyMap<string, K>;
  readonly lost: readonly LostPlacing<K>[];
}

/** A change of a plan that was shown costs so much more than it does in a replan: what is shown stays unless a rule forbids it. */
const STAYS = 1_000;

/**
 * The plan a home goes by on a day: the accepted weeks that are still good, placings by hand in their weeks, and whatever has come since in
 * the week where it adds least. Without an accepted plan it is the planner's first one.
 */
export function currentPlan<K extends Kept>(
  toPlan: Pick<HomeToPlan, 'tasks' | 'home' | 'weeks'>,
  accepted: readonly Kept[] | null,
  placings: readonly K[],
): CurrentPlan<K> {
  const { tasks, weeks, home } = toPlan;
  const around = { problem: home.problem, weeks };
  const carried = carryOver(accepted ?? [], tasks, around);
  const seen = new Map([...carried.weeks].map(([key, { week }]) => [key, week]));
  const placed = carryOver(placings, tasks, around);
  const meant = new Map([...placed.weeks].map(([key, { week }]) => [key, week]));
  const { problem, held, impossible } = withHeld(withSeen(home.problem, seen), meant);
  return {
    problem,
    plan: accepted === null ? solve(problem, AT_ONCE) : keepingSeen(problem),
    seen,
    held: new Map([...placed.weeks].flatMap(([key, { kept }]) => (held.has(key) ? [[key, kept]] : []))),
    lost: [
      ...placed.dropped.map((kept) => ({ kept, key: null })),
      ...[...placed.weeks].flatMap(([key, { kept }]) => (impossible.includes(key) ? [{ kept, key }] : [])),
    ],
  };
}

const AT_ONCE = { moves: 0, seed: 1 };

function keepingSeen(problem: Problem): Plan {
  const costs = problem.costs ?? USUAL_COSTS;
  const plan = solve(
    { ...problem, costs: { ...costs, moved: costs.moved * STAYS, movedWeek: costs.movedWeek * STAYS } },
    AT_ONCE,
  );
  const ready = readyProblem(problem);
  return {
    ...plan,
    cost: costOf(
      ready,
      problem.tasks.map(({ id }) => plan.plan[id] ?? -1),
    ),
  };
}
