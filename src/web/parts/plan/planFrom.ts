import type { PlanBody } from '../../../contract/plan.ts';
import { toDay, type DayNumber } from '../../../core/calendar/civilDate.ts';
import type { HomeToPlan } from '../../../core/planning/home/arrange.ts';
import type { OpenDays } from '../../../core/planning/home/dayOf.ts';
import { Weeks } from '../../../core/planning/home/weeks.ts';

/** A home as the server sent it, ready for planning. */
export function planFrom({ on, household, tasks, problem, closed, open }: PlanBody): HomeToPlan {
  const today = toDay(on);
  const openDays: OpenDays = {
    allows: (day: DayNumber, limits) => limits.every((limit) => open[limit][day - today] !== '0'),
  };
  return {
    weeks: new Weeks(today, problem.weeks),
    household,
    tasks,
    home: { problem, closed },
    open: openDays,
  };
}
