import { daysBetween, toCivilDate, toDay, type CivilDate } from '../../calendar/civilDate.ts';
import type { PlannedTask } from './arrange.ts';
import type { HomeTask } from './homeTask.ts';
import type { PastTime } from './planHome.ts';

/** How a seasonal task stands: it cannot wait, it is still worth doing, or it is too late until its next time. */
export type SeasonLine =
  | { readonly kind: 'cannot-wait'; readonly task: HomeTask; readonly until: CivilDate }
  | {
      readonly kind: 'worth';
      readonly task: HomeTask;
      readonly until: CivilDate;
      readonly planned: CivilDate | null;
    }
  | { readonly kind: 'too-late'; readonly task: HomeTask; readonly again: CivilDate };

/** A task whose end is nearer than this cannot wait, days. */
const NEAR = 14;
/** A season's task is missed for as long as this, days. */
const MISSED = 56;

/**
 * Says of each seasonal task how it stands: one that is open and ends is worth doing until that day, and cannot wait when it is near; one
 * that was missed is too late until its next time. `freeze`: the next freeze, before which closings must be done.
 */
export function thisSeason(
  tasks: readonly HomeTask[],
  planned: readonly PlannedTask[],
  {
    past,
    on,
    freeze,
  }: { readonly past: readonly PastTime[]; readonly on: CivilDate; readonly freeze: CivilDate | null },
): SeasonLine[] {
  const days = new Map(planned.map(({ task, day }) => [task.key, day]));
  return tasks
    .filter(({ number }) => number === 1)
    .flatMap((task): SeasonLine[] => {
      const until = endOf(task, freeze);
      if (task.earliest <= on && until !== null) {
        const isNear = daysBetween(on, until) <= NEAR;
        return isNear
          ? [{ kind: 'cannot-wait', task, until }]
          : [{ kind: 'worth', task, until, planned: days.get(task.key) ?? null }];
      }
      const missed = past.some(
        ({ duty, was, day }) => duty === task.duty && was === 'missed' && daysBetween(day, on) <= MISSED,
      );
      const isSeasonal = task.worthUntil !== null || task.closes;
      return missed && isSeasonal && task.earliest > on
        ? [{ kind: 'too-late', task, again: task.earliest }]
        : [];
    });
}

/** The last day it makes sense; null for a task that is no season's. */
function endOf({ worthUntil, closes }: HomeTask, freeze: CivilDate | null): CivilDate | null {
  const beforeFreeze = closes && freeze !== null ? toCivilDate(toDay(freeze) - 1) : null;
  if (worthUntil === null || beforeFreeze === null) return worthUntil ?? beforeFreeze;
  return worthUntil < beforeFreeze ? worthUntil : beforeFreeze;
}
