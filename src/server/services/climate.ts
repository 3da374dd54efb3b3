import type { ClimateView } from '../../contract/schemas.ts';
import type { CivilDate } from '../../core/calendar/civilDate.ts';
import { ANCHOR_KEYS } from '../../core/climate/anchor.ts';
import { figuresOf } from '../../core/climate/climate.ts';
import type { Climate } from '../../core/climate/climateSchema.ts';
import { HomeSeasons } from '../../core/climate/homeSeasons.ts';
import { stationWeather } from '../../core/climate/stationWeather.ts';
import type { Home } from '../../core/house/house.ts';
import type { Tx } from '../db/database.ts';
import { updateClimate } from '../stores/homeStore.ts';
import { reprojectHome } from './schedule.ts';

/** Days passed that the page shows. */
const SHOWN_DAYS = 7;

/** The season dates of a home and what they rest on, the days passed and the outlook. */
export function climateOn(home: Home, on: CivilDate): ClimateView {
  const seasons = new HomeSeasons(home);
  const { passed, outlook } = stationWeather(home, on);
  return {
    on,
    seasons: ANCHOR_KEYS.map((key) => ({ key, ...seasons.byKey(key) })),
    figures: figuresOf(home),
    passed: passed.slice(-SHOWN_DAYS),
    outlook: [...outlook],
  };
}

/** Sets where a home's climate comes from; every date that hangs on it is worked out anew. */
export async function setClimate(
  tx: Tx,
  home: Home,
  climate: Climate | null,
  today: CivilDate,
): Promise<void> {
  await updateClimate(tx, home.id, climate);
  const { climate: _before, ...rest } = home;
  await reprojectHome(tx, climate === null ? rest : { ...rest, climate }, today);
}
