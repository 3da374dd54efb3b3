import { assertNever } from '../../basics/result.ts';
import { civilFromDays, isWritable, toCivilDate, type DayNumber } from '../../calendar/civilDate.ts';
import { clockChangesInYear, type Hemisphere } from '../../calendar/clockChange.ts';
import { monthDayIn } from '../../climate/anchor.ts';
import type { HomeSeasons } from '../../climate/homeSeasons.ts';
import type { CalendarRule, ClockChangeRule, DatesRule, SeasonRule } from '../../practice/rule.ts';
import type { Reason } from '../reason.ts';

/** A date a calendar rule lists, with the step that says where it comes from. */
export interface ListedDay {
  readonly day: DayNumber;
  readonly reason: Reason;
  /** The first freeze it is counted from. */
  readonly freeze?: DayNumber;
}

/** The facts about a home that calendar rules need. */
export interface CalendarPlace {
  readonly zone: string;
  readonly hemisphere: Hemisphere;
}

/** The dates a calendar rule lists, looked up from any day. */
export interface Listing {
  /** The first listed date on or after a day; null when there is none within reach of the calendar. */
  onOrAfter(day: DayNumber): ListedDay | null;
  /** The last listed date before a day; null when there is none (a cycle lists nothing before its base year). */
  before(day: DayNumber): ListedDay | null;
}

/** The listing of a calendar rule at a place. */
export function listingOf(rule: CalendarRule, place: CalendarPlace, seasons: HomeSeasons): Listing {
  switch (rule.kind) {
    case 'dates': {
      const cycle = rule.cycle ?? { years: 1, baseYear: 1 };
      return yearly((year) => datesInYear(rule, year), cycle.years, cycle.baseYear);
    }
    case 'clockChange':
      return yearly((year) => clockDaysInYear(rule, place, year), 1, 1);
    case 'season':
      return yearly((year) => seasonDaysInYear(rule, seasons, year), 1, 1);
  }
  return assertNever(rule);
}

function datesInYear(rule: DatesRule, year: number): ListedDay[] {
  const days = rule.monthDays.map((monthDay) => monthDayIn(year, monthDay));
  const unique = [...new Set(days)].sort((a, b) => a - b);
  return unique.map((day) => ({ day, reason: { kind: 'listed', due: toCivilDate(day) } }));
}

function clockDaysInYear(rule: ClockChangeRule, place: CalendarPlace, year: number): ListedDay[] {
  return clockChangesInYear(place.zone, place.hemisphere, year)
    .filter((change) => rule.on === 'both' || rule.on === change.season)
    .map(({ season, day, conventional }) => ({
      day,
      reason: { kind: 'clockChange', season, zone: place.zone, conventional, due: toCivilDate(day) },
    }));
}

/** The season date that falls in a calendar year once its days before or after the anchor are counted. */
function seasonDaysInYear(rule: SeasonRule, seasons: HomeSeasons, year: number): ListedDay[] {
  const { anchor, offsetDays } = rule;
  const risk = anchor === 'firstFreeze' || anchor === 'lastFreeze' ? (rule.risk ?? 10) : null;
  const { basis } = seasons.date(anchor, risk ?? 10);
  if (basis === 'none' || basis === 'unknown') return [];
  return [year - 1, year, year + 1].flatMap((anchorYear): ListedDay[] => {
    const on = seasons.dayIn(anchor, risk ?? 10, anchorYear);
    // An anchor past the years that can be written could not be told as the reason.
    if (on === null || !isWritable(on)) return [];
    const day = on + offsetDays;
    if (civilFromDays(day).year !== year) return [];
    const reason: Reason = {
      kind: 'season',
      anchor,
      risk,
      basis,
      on: toCivilDate(on),
      offsetDays,
      due: toCivilDate(day),
    };
    return [anchor === 'firstFreeze' ? { day, reason, freeze: on } : { day, reason }];
  });
}

function yearly(inYear: (year: number) => ListedDay[], step: number, baseYear: number): Listing {
  const byYear = new Map<number, ListedDay[]>();
  const listed = (year: number): ListedDay[] => {
    const known = byYear.get(year);
    if (known) return known;
    const found = inYear(year);
    byYear.set(year, found);
    return found;
  };
  const alignedAtOrBefore = (year: number): number => baseYear + Math.floor((year - baseYear) / step) * step;

  return {
    onOrAfter(day) {
      const start = Math.max(baseYear, alignedAtOrBefore(civilFromDays(day).year));
      for (const year of [start, start + step, start + 2 * step]) {
        const found = listed(year).find((candidate) => candidate.day >= day);
        if (found) return found;
      }
      return null;
    },
    before(day) {
      const start = alignedAtOrBefore(civilFromDays(day).year);
      for (const year of [start, start - step]) {
        if (year < baseYear) return null;
        const found = listed(year).findLast((candidate) => candidate.day < day);
        if (found) return found;
      }
      return null;
    },
  };
}
