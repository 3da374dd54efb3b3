import type { CivilDate } from '../calendar/civilDate.ts';
import { daysBetween } from '../calendar/civilDate.ts';
import { READINGS } from './all.ts';
import type { Forward } from './reading.ts';
import { lineThrough, reaches, type Line, type Point, type Reaches } from './trend.ts';

/**
 * How measures are carried forward, in the units of their bands: sludge and scum to the pump-out, a crack to 3 mm (through at least
 * three readings over at least 180 days), the split down to the band's edge, a filter's grade against the days it hung.
 * The error of one reading is a usual starting value.
 */
export const PROJECTIONS: Readonly<Record<string, Forward>> = Object.fromEntries(
  READINGS.flatMap(({ recorded }) =>
    recorded?.chart?.forward ? [[recorded.chart.measure, recorded.chart.forward]] : [],
  ),
);

/** A reading series carried forward. */
export interface Projected {
  readonly line: Line;
  readonly reaches: Reaches;
  /** The readings the line rests on: those since the last restart, its beginning among them. */
  readonly points: readonly Point[];
}

/** Carries a series forward from its readings and the days it began anew; null where no projection is defined or there is too little. */
export function projected(
  measure: string,
  points: readonly Point[],
  restarts: readonly CivilDate[],
  today: CivilDate,
): Projected | null {
  const projection = PROJECTIONS[measure];
  if (!projection) return null;
  const began = [...restarts]
    .filter((date) => date <= today)
    .sort()
    .at(-1);
  const since = points.filter(({ date }) => began === undefined || date > began);
  const { origin } = projection;
  const start = began !== undefined && origin !== undefined ? [{ date: began, value: origin }] : [];
  const used = [...start, ...since];
  if (since.length === 0) return null;
  const line = lineThrough(used, projection.fit);
  return line && { line, reaches: reaches(line, projection.limit, today), points: used };
}

/** Days a filter hangs until it is grey, by every look between two changes: grade = rate × days, through nothing. */
export function daysToGrey(
  looks: readonly Point[],
  changes: readonly CivilDate[],
): { readonly days: number; readonly least: number; readonly most: number } | null {
  const ordered = [...changes].sort();
  const pairs = looks.flatMap(({ date, value }) => {
    const hung = ordered.filter((change) => change < date).at(-1);
    return hung === undefined || value <= 0 ? [] : [daysBetween(hung, date) / value];
  });
  if (pairs.length === 0) return null;
  return {
    days: Math.round(pairs.reduce((total, days) => total + days, 0) / pairs.length),
    least: Math.round(Math.min(...pairs)),
    most: Math.round(Math.max(...pairs)),
  };
}
