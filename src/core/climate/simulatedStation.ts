import { civilFromDays, toCivilDate, toDay, type CivilDate, type DayNumber } from '../calendar/civilDate.ts';
import type { Weather, WeatherDay } from './weather.ts';
import { dailyFromMonthly, indexOf } from './yearCurve.ts';

/** The data of a weather station: the days passed, and on a day its outlook. The simulated one and a real feed alike. */
export interface Station {
  /** Days from `from` to `to`, both included, that are known; unknown days are left out. */
  days(from: DayNumber, to: DayNumber): WeatherDay[];
  /** The forecast on `on` for that day and the nine after it. */
  outlook(on: DayNumber): WeatherDay[];
}

export const OUTLOOK_DAYS = 10;

/** Monthly normals of a made-up place; `spread` is the standard deviation of a day's mean around the normal, K. */
export interface StationNormals {
  readonly code: string;
  readonly name: string;
  readonly latitude: number;
  readonly elevation: number;
  readonly high: readonly number[];
  readonly low: readonly number[];
  readonly rain: readonly number[];
  readonly spread: { readonly winter: number; readonly summer: number };
  /** Days a year with a gale. */
  readonly storms: number;
}

/** Weather of `station` on `on`: the days passed since `since`, and the outlook. */
export function weatherFrom(station: Station, since: CivilDate, on: CivilDate): Weather {
  const today = toDay(on);
  return { passed: station.days(toDay(since), today - 1), outlook: station.outlook(today) };
}

/** A 32-bit hash of whole numbers (the finaliser of MurmurHash3), for luck that can be asked for any day in any order. */
function hash(seed: number, day: number, what: number): number {
  let h = Math.imul(seed, 0x9e3779b1) ^ Math.imul(day, 0x85ebca6b) ^ Math.imul(what, 0xc2b2ae35);
  h = Math.imul(h ^ (h >>> 16), 0x85ebca6b);
  h = Math.imul(h ^ (h >>> 13), 0xc2b2ae35);
  return (h ^ (h >>> 16)) >>> 0;
}
const uniform = (seed: number, day: number, what: number): number =>
  (hash(seed, day, what) + 0.5) / 4_294_967_296;

/** A standard normal by twelve uniforms: only sums, so that every machine draws the same digits. */
function normal(seed: number, day: number, what: number): number {
  let sum = 0;
  for (let part = 0; part < 12; part += 1) sum += uniform(seed, day, what * 16 + part);
  return sum - 6;
}

const seedOf = (code: string): number =>
  [...code].reduce((sum, letter) => hash(sum, letter.charCodeAt(0), 7), 1);

const PERSISTENCE = 0.75;
const MEMORY = 14;
const WEIGHTS = Array.from({ length: MEMORY }, (_, back) => PERSISTENCE ** back);
const LENGTH = Math.sqrt(WEIGHTS.reduce((sum, weight) => sum + weight * weight, 0));
const WHAT = { mean: 1, range: 2, wet: 3, amount: 4, storm: 5, snap: 6, error: 7, hail: 8 } as const;
const SNAP_CHANCE = 0.012;
const SNAP_DAYS = 5;
const MOST_KEPT = 20_000;

/**
 * A station that makes up its weather: the normals of the day, plus noise that persists (a moving average of fresh noise
 * with weights 0.75, 0.75² …), cold snaps that come at once and fade over five days, and gales. Any day can be asked for in any
 * order and is always the same.
 */
export class SimulatedStation implements Station {
  private readonly highs: number[];
  private readonly lows: number[];
  private readonly rains: number[];
  private readonly seed: number;
  private readonly noise = new Map<DayNumber, number>();

  constructor(private readonly normals: StationNormals) {
    this.highs = dailyFromMonthly(normals.high);
    this.lows = dailyFromMonthly(normals.low);
    this.rains = dailyFromMonthly(normals.rain);
    this.seed = seedOf(normals.code);
  }

  days(from: DayNumber, to: DayNumber): WeatherDay[] {
    return Array.from({ length: Math.max(0, to - from + 1) }, (_, index) => this.day(from + index, 0));
  }

  /** The truth with an error that grows with the distance, different on each day of issue. */
  outlook(on: DayNumber): WeatherDay[] {
    return Array.from({ length: OUTLOOK_DAYS }, (_, ahead) =>
      this.day(on + ahead, ahead * 0.35 * normal(this.seed ^ on, on + ahead, WHAT.error)),
    );
  }

  private day(day: DayNumber, error: number): WeatherDay {
    const { month, day: ofMonth } = civilFromDays(day);
    const at = indexOf(month, ofMonth);
    const shift = this.swing(day, at) - this.snap(day, at) + error;
    const wet = this.rainOn(day, at);
    const middle = ((this.highs[at] ?? 0) + (this.lows[at] ?? 0)) / 2;
    const half = (((this.highs[at] ?? 0) - (this.lows[at] ?? 0)) / 2) * (wet > 0 ? 0.75 : 1.1);
    const range = Math.max(1, half * (1 + 0.15 * normal(this.seed, day, WHAT.range)));
    const low = tenths(middle + shift - range);
    const high = tenths(middle + shift + range);
    const snows = wet > 0 && high + low < 2;
    const gust = this.gustOn(day, wet > 0);
    return {
      date: toCivilDate(day),
      low,
      high,
      rain: snows ? 0 : wet,
      gust,
      snow: snows ? tenths(wet) : 0,
      ...(!snows && wet > 20 && high > 18 && uniform(this.seed, day, WHAT.hail) < 0.08 && { hail: true }),
    };
  }

  private swing(day: DayNumber, at: number): number {
    const noise = WEIGHTS.reduce((sum, weight, back) => sum + weight * this.freshNoise(day - back), 0);
    return (noise / LENGTH) * this.spreadAt(at);
  }

  /** Each day's fresh noise is asked for by the fourteen days that remember it. */
  private freshNoise(day: DayNumber): number {
    const known = this.noise.get(day);
    if (known !== undefined) return known;
    if (this.noise.size > MOST_KEPT) this.noise.clear();
    const fresh = normal(this.seed, day, WHAT.mean);
    this.noise.set(day, fresh);
    return fresh;
  }

  private spreadAt(at: number): number {
    const { latitude, spread } = this.normals;
    const winterMiddle = latitude >= 0 ? indexOf(1, 15) : indexOf(7, 15);
    const away = Math.abs(at - winterMiddle);
    const summerliness = Math.min(away, 365 - away) / 182.5;
    return spread.winter + (spread.summer - spread.winter) * summerliness;
  }

  private snap(day: DayNumber, at: number): number {
    for (let since = 0; since < SNAP_DAYS; since += 1) {
      if (uniform(this.seed, day - since, WHAT.snap) < SNAP_CHANCE)
        return this.spreadAt(at) * 1.8 * (1 - since / SNAP_DAYS);
    }
    return 0;
  }

  private rainOn(day: DayNumber, at: number): number {
    const month = this.rains[at] ?? 0;
    const chance = Math.min(0.6, month / 240 + 0.04);
    const wet =
      0.5 * uniform(this.seed, day, WHAT.wet) + 0.5 * uniform(this.seed, Math.floor(day / 3), WHAT.wet);
    // The sum of two uniforms is under x with probability 2x² up to one half.
    if (wet > Math.sqrt(chance / 2)) return 0;
    const mean = month / (30 * chance);
    const luck = uniform(this.seed, day, WHAT.amount);
    // Mostly little, sometimes four times the mean: u³ · 4 has the mean 1.
    return tenths(mean * 4 * luck * luck * luck);
  }

  private gustOn(day: DayNumber, wet: boolean): number {
    const luck = uniform(this.seed, day, WHAT.storm);
    const chance = (this.normals.storms / 365) * (wet ? 2 : 0.6);
    return luck < chance ? tenths(20 + (12 * luck) / chance) : tenths(4 + 12 * luck);
  }
}

const tenths = (value: number): number => Math.round(value * 10) / 10;
