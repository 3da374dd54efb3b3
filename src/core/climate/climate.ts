import { z } from 'zod';
import type { Hemisphere } from '../calendar/clockChange.ts';
import { setDatesSchema } from './anchor.ts';
import { stationClimateSchema, type StationClimate } from './stationClimate.ts';
import { climateOfStation, findStation } from './stations.ts';

/** Where a home's climate comes from: one of the made-up stations, or a series that was imported; and dates set by hand. */
export const climateSchema = z
  .strictObject({
    station: z
      .string()
      .max(60)
      .refine((code) => findStation(code) !== undefined, {
        params: { problem: 'station-unknown' },
        message: 'must be the code of one of the stations',
      })
      .optional(),
    imported: stationClimateSchema.optional(),
    set: setDatesSchema.optional(),
  })
  .meta({
    id: 'Climate',
    description: 'Imported figures come before a station’s, dates set by hand before both',
  });
export type Climate = z.infer<typeof climateSchema>;

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
