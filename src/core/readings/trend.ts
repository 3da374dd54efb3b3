import { toCivilDate, toDay, type CivilDate } from '../calendar/civilDate.ts';

/** A value on a day, in the unit of its band. */
export interface Point {
  readonly date: CivilDate;
  readonly value: number;
}

/** A straight line through readings: slope and its range for a day, at 90 % confidence. */
export interface Line {
  readonly perDay: number;
  readonly least: number;
  readonly most: number;
  /** The value on `from`, the last reading's day, by the line. */
  readonly from: CivilDate;
  readonly at: number;
}

/** When a limit is reached: as the line has it, at the earliest and at the latest; null: not within a lifetime of upkeep. */
export interface Reaches {
  readonly limit: number;
  readonly expected: CivilDate | null;
  readonly earliest: CivilDate | null;
  readonly latest: CivilDate | null;
}

/** Student's t at 90 % two-sided, by degrees of freedom from 1. */
const T90 = [6.314, 2.92, 2.353, 2.132, 2.015, 1.943, 1.895, 1.86, 1.833, 1.812];
const T90_MANY = 1.645;
/** A projection past this says nothing. */
const FARTHEST_DAYS = 20 * 365;

export interface Fit {
  /** Fewest readings, and fewest days they must span; less is no trend. */
  readonly points: number;
  readonly days: number;
  /** How far one reading may be off where there are too few to tell: half a band's usual reading error, in its unit. */
  readonly error: number;
}

/**
 * The least-squares line through readings, with its uncertainty: from their scatter where there are three or more, else from how far
 * one reading may be off. null where there is too little to speak of a trend.
 */
export function lineThrough(points: readonly Point[], fit: Fit): Line | null {
  const ordered = [...points].sort((a, b) => (a.date < b.date ? -1 : 1));
  const [first, last] = [ordered[0], ordered.at(-1)];
  if (!first || !last || ordered.length < Math.max(2, fit.points)) return null;
  if (toDay(last.date) - toDay(first.date) < Math.max(1, fit.days)) return null;
  const xs = ordered.map(({ date }) => toDay(date) - toDay(last.date));
  const ys = ordered.map(({ value }) => value);
  const [meanX, meanY] = [mean(xs), mean(ys)];
  const spread = sum(xs.map((x) => (x - meanX) ** 2));
  const perDay = sum(xs.map((x, place) => (x - meanX) * ((ys[place] ?? 0) - meanY))) / spread;
  const at = meanY - perDay * meanX;
  const free = xs.length - 2;
  const scatter = sum(xs.map((x, place) => ((ys[place] ?? 0) - at - perDay * x) ** 2));
  // Readings that happen to lie on a line are no more exact than a reading is.
  const sigma = Math.max(free > 0 ? Math.sqrt(scatter / free) : 0, fit.error);
  const t = free > 0 && sigma > fit.error ? (T90[free - 1] ?? T90_MANY) : T90_MANY;
  const off = (t * sigma) / Math.sqrt(spread);
  return { perDay, least: perDay - off, most: perDay + off, from: last.date, at };
}

/** When the line, and the steepest and flattest that fit, reach a limit they move towards. */
export function reaches({ perDay, least, most, from, at }: Line, limit: number, today: CivilDate): Reaches {
  const when = (slope: number): CivilDate | null => {
    const away = limit - at;
    if (away === 0) return from;
    const days = away / slope;
    if (!Number.isFinite(days) || days < 0 || days > FARTHEST_DAYS) return null;
    return toCivilDate(Math.max(toDay(from) + Math.ceil(days - 1e-9), toDay(today)));
  };
  const rising = limit >= at;
  return {
    limit,
    expected: when(perDay),
    earliest: when(rising ? most : least),
    latest: when(rising ? least : most),
  };
}

const sum = (values: readonly number[]): number => values.reduce((total, value) => total + value, 0);
const mean = (values: readonly number[]): number => sum(values) / values.length;
