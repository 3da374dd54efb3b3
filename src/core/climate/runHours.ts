import { civilFromDays, type DayNumber } from '../calendar/civilDate.ts';
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

function hours(need: number, designNeed: number): number {
  if (need <= 0 || designNeed <= 0) return 0;
  return Math.min(24, (24 / designNeed) * need);
}
