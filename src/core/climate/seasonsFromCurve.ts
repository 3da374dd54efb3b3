import type { SpanOfYear } from './stationClimate.ts';
import { longestStretch, monthDayAt, smoothed, type Stretch } from './yearCurve.ts';

/** °C of the 31-day mean: heating below the first, cooling above the second, leaves fall through the third. */
export const HEATING_BELOW = 15;
export const COOLING_ABOVE = 20;
export const LEAVES_FALL_AT = 10;
/** The base of degree days, °C. */
export const DEGREE_DAY_BASE = 18;

export interface CurveSeasons {
  readonly heating: SpanOfYear;
  readonly cooling: SpanOfYear;
  readonly leafFall: string | null;
}

/** The seasons of a year from its daily mean temperatures (365 values, °C). */
export function seasonsFromCurve(daily: readonly number[]): CurveSeasons {
  const mean = smoothed(daily);
  const cool = longestStretch(mean, (value) => value < LEAVES_FALL_AT);
  return {
    heating: toSpan(longestStretch(mean, (value) => value < HEATING_BELOW)),
    cooling: toSpan(longestStretch(mean, (value) => value > COOLING_ABOVE)),
    leafFall: typeof cool === 'string' ? null : monthDayAt(cool.from),
  };
}

const toSpan = (stretch: Stretch): SpanOfYear =>
  typeof stretch === 'string'
    ? stretch
    : { start: monthDayAt(stretch.from), end: monthDayAt(stretch.to + 1) };
