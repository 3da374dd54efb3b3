import type { Hemisphere } from '../calendar/clockChange.ts';
import type { Climate } from './climateSchema.ts';
import type { StationClimate } from './stationClimate.ts';
import { climateOfStation } from './stations.ts';

/** The facts about a home that season dates need. */
export interface ClimatePlace {
  readonly hemisphere: Hemisphere;
  readonly climate?: Climate | undefined;
}

/** The figures a home's climate rests on; null where nothing is known. */
export function figuresOf({ climate }: ClimatePlace): StationClimate | null {
  if (climate?.imported) return climate.imported;
  return (climate?.station !== undefined && climateOfStation(climate.station)) || null;
}
