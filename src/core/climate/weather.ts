import { z } from 'zod';
import { civilDateSchema, toDay, type DayNumber } from '../calendar/civilDate.ts';

/** One day's weather, seen or forecast: °C, mm of rain, m/s of gust, cm of fresh snow. What is not known is left out. */
export const weatherDaySchema = z
  .strictObject({
    date: civilDateSchema,
    low: z.number().min(-90).max(60).optional(),
    high: z.number().min(-90).max(70).optional(),
    rain: z.number().min(0).max(2_000).optional(),
    gust: z.number().min(0).max(120).optional(),
    snow: z.number().min(0).max(500).optional(),
    hail: z.boolean().optional(),
  })
  .meta({ id: 'WeatherDay' });
export type WeatherDay = z.infer<typeof weatherDaySchema>;

/** The almanac of a day: the days passed, and its outlook from that day on (usually ten days). */
export const weatherSchema = z
  .strictObject({ passed: z.array(weatherDaySchema).max(4_000), outlook: z.array(weatherDaySchema).max(16) })
  .meta({
    id: 'Weather',
    description: 'Days passed and the outlook; outlook days before today are not used',
  });
export type Weather = z.infer<typeof weatherSchema>;

export const NO_WEATHER: Weather = { passed: [], outlook: [] };

/** Events the weather itself can set off. Anything else that sets work off is logged by hand. */
export const WEATHER_TRIGGERS = [
  'windstorm',
  'hail',
  'heavy-rain',
  'snow',
  'cold-snap',
  'hard-freeze',
] as const;
export type WeatherTrigger = (typeof WEATHER_TRIGGERS)[number];

/** A night this cold freezes what a light frost spares, °C. */
export const HARD_FREEZE = -2;
const STORM_GUST = 20;
const HEAVY_RAIN = 25;
const MUCH_SNOW = 5;
/** A fall of the night's low by this much within two days is a marked cold change, K. */
const SNAP = 10;

/** Something that sets work off: on which day, and how it is known. */
export interface Trigger {
  readonly code: string;
  readonly day: DayNumber;
  readonly source: 'logged' | 'observed' | 'forecast';
  /** The entry that logged it; null when the weather did. */
  readonly entryId: string | null;
}

/** Of the weather of a station all its homes are told the same: it is looked through once a day. */
const looked = new WeakMap<Weather, { today: DayNumber; triggers: readonly Trigger[] }>();

/** Events set off by the days passed and the outlook, in order of days. A hard freeze counts the day before, and only ahead. */
export function weatherTriggers(weather: Weather, today: DayNumber): readonly Trigger[] {
  const known = looked.get(weather);
  if (known?.today === today) return known.triggers;
  const triggers = triggersIn(weather, today);
  looked.set(weather, { today, triggers });
  return triggers;
}

function triggersIn({ passed, outlook }: Weather, today: DayNumber): Trigger[] {
  const dated = (days: readonly WeatherDay[]) => days.map((day) => ({ on: toDay(day.date), day }));
  const behind = dated(passed).filter(({ on }) => on < today);
  const ahead = dated(outlook).filter(({ on }) => on >= today);
  const all = [...behind, ...ahead].sort((a, b) => a.on - b.on);
  return all.flatMap(({ on, day }, index) => {
    const source = on < today ? 'observed' : 'forecast';
    const before = all[index - 2];
    const found = codesOf(day, before && on - before.on === 2 ? before.day : undefined).map(
      (code): Trigger => ({ code, day: on, source, entryId: null }),
    );
    if (on >= today && (day.low ?? Infinity) <= HARD_FREEZE)
      found.push({ code: 'hard-freeze', day: on - 1, source: 'forecast', entryId: null });
    return found;
  });
}

/** Storm, hail, heavy rain and much snow: what one day alone sets off. */
export function stormsOf(day: WeatherDay): WeatherTrigger[] {
  const codes: WeatherTrigger[] = [];
  if ((day.gust ?? 0) >= STORM_GUST) codes.push('windstorm');
  if (day.hail === true) codes.push('hail');
  if ((day.rain ?? 0) >= HEAVY_RAIN) codes.push('heavy-rain');
  if ((day.snow ?? 0) >= MUCH_SNOW) codes.push('snow');
  return codes;
}

function codesOf(day: WeatherDay, twoBefore: WeatherDay | undefined): WeatherTrigger[] {
  const codes = stormsOf(day);
  if (day.low !== undefined && twoBefore?.low !== undefined && twoBefore.low - day.low >= SNAP)
    codes.push('cold-snap');
  return codes;
}
