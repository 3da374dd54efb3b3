import { toDay, type CivilDate, type DayNumber } from '../calendar/civilDate.ts';
import { weekdayFromMonday } from '../house/household.ts';
import type { StandingEntry } from './corrections.ts';

/** One time of a task that somebody put in a week by hand. */
export interface Placing {
  readonly entryId: string;
  /** The writing it was placed in, shared with all placed at once. */
  readonly batch: string | null;
  readonly by: string;
  readonly duty: string;
  /** Of its times still to come; null where the task was done since, so that its times are counted anew. */
  readonly number: number | null;
  readonly day: CivilDate;
  /** Where the plan had it. */
  readonly from: CivilDate | null;
}

/** The Monday of a day's week. */
const mondayOf = (date: CivilDate): DayNumber => toDay(date) - weekdayFromMonday(toDay(date));

/** Whether a task is done or skipped by an entry, so that its times still to come are counted anew. */
export const countsAnew = ({ body }: Pick<StandingEntry, 'body'>, duty: string): boolean =>
  (body.kind === 'done' || body.kind === 'skipped') && body.duty === duty;

/** The week that each time of a task is placed in by hand, in the order of placing. `told`: all that stands. */
export function placingsIn(told: readonly StandingEntry[]): Placing[] {
  let placings: Placing[] = [];
  const take = (duty: string, isMeant: (one: Placing) => boolean): void => {
    placings = placings.filter((one) => one.duty !== duty || !isMeant(one));
  };
  const inWeekOf = (day: CivilDate) => (one: Placing) => mondayOf(one.day) === mondayOf(day);
  // In the order of writing: what is logged later for an earlier day was not known when it was placed.
  for (const { entry, body } of [...told].sort((a, b) => a.sequence - b.sequence)) {
    if (body.kind === 'placed') {
      const { duty, number, day, from } = body;
      take(duty, (one) => one.number === number);
      if (from !== undefined) take(duty, (one) => one.number === null && inWeekOf(from)(one));
      placings.push({
        entryId: entry.id,
        batch: entry.batch ?? null,
        by: entry.by,
        duty,
        number,
        day,
        from: from ?? null,
      });
    } else if (body.kind === 'unplaced') take(body.duty, inWeekOf(body.day));
    else placings = placings.map((one) => (countsAnew({ body }, one.duty) ? { ...one, number: null } : one));
  }
  return placings;
}
