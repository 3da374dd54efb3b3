import { toDay, type CivilDate } from '../../calendar/civilDate.ts';
import { weekdayFromMonday } from '../../house/household.ts';

/** Whether the plan has a task this week (or had it before), or in a later one; null where it has no week for it. */
export type PlannedWhen = 'now' | 'later' | null;

/** `days`: a day of each week the plan has for the task. `earliest`: of its time that is due next; weeks before it were for times before. */
export function plannedWhen(days: readonly CivilDate[], earliest: CivilDate, on: CivilDate): PlannedWhen {
  const sunday = (date: CivilDate): number => toDay(date) + 6 - weekdayFromMonday(toDay(date));
  const next = [...days].sort().find((day) => sunday(day) >= toDay(earliest));
  if (next === undefined) return null;
  return toDay(next) <= sunday(on) ? 'now' : 'later';
}
