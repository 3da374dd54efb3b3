import { civilFromDays, daysFromCivil, type DayNumber } from '../calendar/civilDate.ts';
import { DEGREE_DAY_BASE } from './seasonsFromCurve.ts';
import type { StationClimate } from './stationClimate.ts';
import { dailyFromMonthly, indexOf } from './yearCurve.ts';

export type PlantRuns = 'heating' | 'cooling' | 'heatingAndCooling';

const curves = new WeakMap<StationClimate, readonly number[]>();

/** The normal mean temperature of each day of the common year, °C. */
export function dailyMeans(climate: StationClimate): readonly number[] {
  const known = curves.get(climate);
  if (known) return known;
  const means = climate.high.map((high, month) => (high + (climate.low[month] ?? high)) / 2);
  const curve = dailyFromMonthly(means);
  curves.set(climate, curve);
  return curve;
}

/**
 * Hours a plant is expected to run on a day: k·max(0, Tb − T), at most 24, Tb 18 °C (for cooling T − Tb), k so that the
 * design day runs 24 hours and T the normal mean of the day.
 */
export function runHoursOn(climate: StationClimate, plant: PlantRuns, day: DayNumber): number {
  const { month, day: ofMonth } = civilFromDays(day);
  const mean = dailyMeans(climate)[indexOf(month, ofMonth)] ?? DEGREE_DAY_BASE;
  const heating = hours(DEGREE_DAY_BASE - mean, DEGREE_DAY_BASE - climate.coldDesign);
  const cooling = hours(mean - DEGREE_DAY_BASE, climate.hotDesign - DEGREE_DAY_BASE);
  if (plant === 'heating') return heating;
  return plant === 'cooling' ? cooling : Math.min(24, heating + cooling);
}

/** Days after `from` until `wanted` more hours have run, rounded up; null where they have not within `most` days. */
export function daysToRun(
  climate: StationClimate,
  plant: PlantRuns,
  { from, wanted, most }: { readonly from: DayNumber; readonly wanted: number; readonly most: number },
): number | null {
  let left = wanted;
  let { year } = civilFromDays(from + 1);
  let start = daysFromCivil(year, 1, 1);
  let ofYear = hoursOfYear(climate, plant, year);
  for (let ahead = 1; ahead <= most; ahead += 1) {
    if (from + ahead - start >= ofYear.length) {
      start += ofYear.length;
      year += 1;
      ofYear = hoursOfYear(climate, plant, year);
    }
    left -= ofYear[from + ahead - start] ?? 0;
    // A hair's breadth, so that sums of binary fractions do not become a day more.
    if (left <= 1e-9) return ahead;
  }
  return null;
}

const byYear = new WeakMap<StationClimate, Map<string, readonly number[]>>();

function hoursOfYear(climate: StationClimate, plant: PlantRuns, year: number): readonly number[] {
  const known = byYear.get(climate) ?? new Map<string, readonly number[]>();
  byYear.set(climate, known);
  const start = daysFromCivil(year, 1, 1);
  const length = daysFromCivil(year + 1, 1, 1) - start;
  const key = `${plant} ${length}`;
  const hoursThen =
    known.get(key) ?? Array.from({ length }, (_, day) => runHoursOn(climate, plant, start + day));
  known.set(key, hoursThen);
  return hoursThen;
}

function hours(need: number, designNeed: number): number {
  if (need <= 0 || designNeed <= 0) return 0;
  return Math.min(24, (24 / designNeed) * need);
}
