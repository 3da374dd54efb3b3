import { daysFromCivil, weekdayOf, type DayNumber } from './civilDate.ts';
import { zoneChangesInYear } from './zone.ts';

export type Hemisphere = 'north' | 'south';
export type ClockSeason = 'spring' | 'autumn';

/** One clock change. `conventional`: the zone keeps one time all year and the first Sunday stands in for it. */
export interface ClockChange {
  readonly season: ClockSeason;
  readonly day: DayNumber;
  readonly conventional: boolean;
}

/**
 * The two clock changes of a calendar year, in order: the change nearest the March equinox of the first half-year and
 * the one nearest the September equinox of the second. A zone without a change in each half counts as never
 * changing: the first Sundays of April and of October.
 */
export function clockChangesInYear(
  zone: string,
  hemisphere: Hemisphere,
  year: number,
): [ClockChange, ClockChange] {
  const changes = zoneChangesInYear(zone, year);
  const secondHalf = daysFromCivil(year, 7, 1);
  const march = nearest(
    changes.filter((day) => day < secondHalf),
    daysFromCivil(year, 3, 20),
  );
  const september = nearest(
    changes.filter((day) => day >= secondHalf),
    daysFromCivil(year, 9, 22),
  );
  const conventional = march === undefined || september === undefined;
  const [first, second]: [ClockSeason, ClockSeason] =
    hemisphere === 'north' ? ['spring', 'autumn'] : ['autumn', 'spring'];
  return [
    { season: first, day: conventional ? firstSunday(year, 4) : march, conventional },
    { season: second, day: conventional ? firstSunday(year, 10) : september, conventional },
  ];
}

function nearest(days: readonly DayNumber[], equinox: DayNumber): DayNumber | undefined {
  return [...days].sort((a, b) => Math.abs(a - equinox) - Math.abs(b - equinox))[0];
}

function firstSunday(year: number, month: number): DayNumber {
  const first = daysFromCivil(year, month, 1);
  return first + ((7 - weekdayOf(first)) % 7);
}
