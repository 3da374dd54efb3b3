import type { PlanBody } from '../../../contract/plan.ts';
import { arrange, type HomePlan, type HomeToPlan } from '../../../core/planning/home/arrange.ts';
import type { Kept } from '../../../core/planning/home/carryOver.ts';
import { currentPlan, type CurrentPlan } from '../../../core/planning/home/currentPlan.ts';
import { readyProblem, type ReadyProblem } from '../../../core/planning/ready.ts';
import { planFrom } from './planFrom.ts';

export type Placing = PlanBody['placings'][number];

/** A plan as it is shown: the home, the plan it goes by, its days, and the same as numbers, to try changes on. */
export interface ShownPlan {
  readonly body: PlanBody;
  readonly toPlan: HomeToPlan;
  readonly current: CurrentPlan<Placing>;
  readonly year: HomePlan;
  readonly ready: ReadyProblem;
}

/** The plan that is shown for a home: by accepted weeks, where there are some, and what is placed by hand. */
export function shownPlan(
  body: PlanBody,
  accepted: readonly Kept[] | null,
  placings: readonly Placing[],
): ShownPlan {
  const toPlan = planFrom(body);
  const current = currentPlan(toPlan, accepted, placings);
  return {
    body,
    toPlan,
    current,
    year: arrange(toPlan, current.plan),
    ready: readyProblem(current.problem),
  };
}
