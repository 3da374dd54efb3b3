import { civilFromDays, type DayNumber } from '../../calendar/civilDate.ts';
import { monthDayIn } from '../../climate/anchor.ts';
import type { HomeSeasons } from '../../climate/homeSeasons.ts';
import type { Worth } from './ruleDate.ts';
import type { WorthUntil } from '../../practice/rule.ts';

/**
 * The last day on which the work of a listed date still makes sense: the first day that the rule names on or after the listed date.
 * Null where nothing is said, or where the season it names never comes.
 */
export function worthOf(by: WorthUntil | undefined, listed: DayNumber, seasons: HomeSeasons): Worth | null {
  if (!by) return null;
  const until =
    'afterDays' in by ? listed + by.afterDays : firstFrom(listed, (year) => dayIn(by, year, seasons));
  return until === null ? null : { until, by };
}

function dayIn(
  by: Exclude<WorthUntil, { afterDays: number }>,
  year: number,
  seasons: HomeSeasons,
): DayNumber | null {
  if ('monthDay' in by) return monthDayIn(year, by.monthDay);
  const on = seasons.dayIn(by.season, by.risk ?? 10, year);
  return on === null ? null : on + by.days;
}

/** The first of the days a rule names each year that is on or after a day; counted days may fall in a neighbouring year. */
function firstFrom(day: DayNumber, inYear: (year: number) => DayNumber | null): DayNumber | null {
  const { year } = civilFromDays(day);
  const days = [year - 1, year, year + 1, year + 2].map(inYear);
  return days.find((each): each is DayNumber => each !== null && each >= day) ?? null;
}
