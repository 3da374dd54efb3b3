import { civilFromDays, type DayNumber } from '../calendar/civilDate.ts';
import type { Hemisphere } from '../calendar/clockChange.ts';
import { fail, ok, type Result } from '../basics/result.ts';
import { freezeDates } from './freezeRisk.ts';
import { DEGREE_DAY_BASE, seasonsFromCurve } from './seasonsFromCurve.ts';
import type { StationClimate } from './stationClimate.ts';
import { dailyFromMonthly, indexOf, YEAR_DAYS } from './yearCurve.ts';

/** The measurements of a station: °C and mm by day number; days and values may be missing. */
export interface DailySeries {
  readonly name: string;
  readonly latitude: number | null;
  readonly elevation: number | null;
  readonly low: ReadonlyMap<DayNumber, number>;
  readonly high: ReadonlyMap<DayNumber, number>;
  readonly rain: ReadonlyMap<DayNumber, number>;
}

/** A series too short to speak of risks: `winters` that were full enough, and how many are wanted. */
export interface SeriesProblem {
  readonly code: 'too-few-winters' | 'month-empty';
  readonly winters: number;
  readonly wanted: number;
  /** The first month (1 to 12) without a single day of both high and low; 0 where every month has some. */
  readonly month: number;
}

/** One winter in ten cannot be told from fewer. */
export const LEAST_WINTERS = 10;

/** Works out the climate of a place from its daily series. */
export function climateFromDays(
  series: DailySeries,
  hemisphere: Hemisphere,
): Result<StationClimate, SeriesProblem> {
  const { winters, first, last } = freezeDates(series.low, hemisphere);
  const months = monthlyMeans(series);
  const empty = months.findIndex(({ days }) => days === 0);
  if (empty >= 0) return fail({ code: 'month-empty', winters, wanted: LEAST_WINTERS, month: empty + 1 });
  if (winters < LEAST_WINTERS)
    return fail({ code: 'too-few-winters', winters, wanted: LEAST_WINTERS, month: 0 });
  const means = dailyMeansOf(series);
  const years = [...means.keys()].map((day) => civilFromDays(day).year);
  const curve = curveOf(
    means,
    months.map(({ mean }) => mean),
  );
  const sorted = [...means.values()].sort((a, b) => a - b);
  const days = means.size;
  return ok({
    name: series.name,
    latitude: series.latitude,
    elevation: series.elevation,
    rests: { from: Math.min(...bounds(years)), to: Math.max(...bounds(years)), winters, days },
    high: months.map(({ high }) => tenths(high)),
    low: months.map(({ low }) => tenths(low)),
    rain: months.map(({ rain }) => tenths(rain)),
    firstFreeze: first,
    lastFreeze: last,
    ...seasonsFromCurve(curve),
    heatingDegreeDays: months.map(({ heating }) => tenths(heating)),
    coolingDegreeDays: months.map(({ cooling }) => tenths(cooling)),
    coldDesign: tenths(sorted[Math.floor(days * 0.01)] ?? 0),
    hotDesign: tenths(sorted[Math.min(days - 1, Math.floor(days * 0.99))] ?? 0),
  });
}

const tenths = (value: number): number => Math.round(value * 10) / 10;

/** The least and the greatest, without spreading a long list into arguments. */
const bounds = (values: readonly number[]): [number, number] => [
  values.reduce((least, value) => Math.min(least, value), Infinity),
  values.reduce((most, value) => Math.max(most, value), -Infinity),
];

function dailyMeansOf({ low, high }: DailySeries): Map<DayNumber, number> {
  const means = new Map<DayNumber, number>();
  for (const [day, value] of low) {
    const top = high.get(day);
    if (top !== undefined) means.set(day, (value + top) / 2);
  }
  return means;
}

interface MonthMeans {
  days: number;
  high: number;
  low: number;
  mean: number;
  rain: number;
  heating: number;
  cooling: number;
}

/** The mean month: means of its days; rain and degree days of the days there are, scaled to a whole month. */
function monthlyMeans(series: DailySeries): MonthMeans[] {
  const sums = Array.from({ length: 12 }, () => ({ days: 0, high: 0, low: 0, heating: 0, cooling: 0 }));
  for (const [day, low] of series.low) {
    const high = series.high.get(day);
    const sum = sums[civilFromDays(day).month - 1];
    if (high === undefined || !sum) continue;
    const mean = (low + high) / 2;
    sum.days += 1;
    sum.high += high;
    sum.low += low;
    sum.heating += Math.max(0, DEGREE_DAY_BASE - mean);
    sum.cooling += Math.max(0, mean - DEGREE_DAY_BASE);
  }
  const rain = rainPerDay(series.rain);
  return sums.map((sum, month) => {
    const [days, length] = [Math.max(1, sum.days), MONTH_LENGTHS[month] ?? 30];
    const [high, low] = [sum.high / days, sum.low / days];
    const whole = length / days;
    return {
      days: sum.days,
      high,
      low,
      mean: (high + low) / 2,
      rain: (rain[month] ?? 0) * length,
      heating: sum.heating * whole,
      cooling: sum.cooling * whole,
    };
  });
}

const MONTH_LENGTHS = [31, 28.25, 31, 30, 31, 30, 31, 31, 30, 31, 30, 31];

function rainPerDay(rain: ReadonlyMap<DayNumber, number>): number[] {
  const sums = Array.from({ length: 12 }, () => ({ days: 0, rain: 0 }));
  for (const [day, value] of rain) {
    const sum = sums[civilFromDays(day).month - 1];
    if (!sum) continue;
    sum.days += 1;
    sum.rain += value;
  }
  return sums.map(({ days, rain: total }) => (days === 0 ? 0 : total / days));
}

/** The mean of each day of the common year; a day nobody ever measured takes the line between the months. */
function curveOf(means: ReadonlyMap<DayNumber, number>, monthly: readonly number[]): number[] {
  const sums = new Float64Array(YEAR_DAYS);
  const counts = new Int32Array(YEAR_DAYS);
  for (const [day, mean] of means) {
    const { month, day: ofMonth } = civilFromDays(day);
    const at = indexOf(month, ofMonth);
    sums[at] = (sums[at] ?? 0) + mean;
    counts[at] = (counts[at] ?? 0) + 1;
  }
  const line = dailyFromMonthly(monthly);
  return line.map((between, at) => {
    const count = counts[at] ?? 0;
    return count === 0 ? between : (sums[at] ?? 0) / count;
  });
}
