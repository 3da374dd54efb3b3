import { toCivilDate, toDay, type CivilDate } from '../calendar/civilDate.ts';
import type { ClimatePlace } from './climate.ts';
import { weatherFrom } from './simulatedStation.ts';
import { simulatedStation } from './stations.ts';
import { NO_WEATHER, type Weather } from './weather.ts';

/** How far back the days passed are told: what a storm set off longer ago is no longer asked for. */
const PASSED_DAYS = 400;
const told = new Map<string, Weather>();
const MOST_TOLD = 64;

/** The data of a home's station on a day: its days passed and its outlook; nothing where it has no station. */
export function stationWeather({ climate }: ClimatePlace, on: CivilDate): Weather {
  const code = climate?.station;
  const station = code === undefined ? undefined : simulatedStation(code);
  if (!station) return NO_WEATHER;
  const key = `${code} ${on}`;
  const known = told.get(key);
  if (known) return known;
  const weather = weatherFrom(station, toCivilDate(toDay(on) - PASSED_DAYS), on);
  if (told.size >= MOST_TOLD) told.clear();
  told.set(key, weather);
  return weather;
}
