import { z } from 'zod';
import { setDatesSchema } from './anchor.ts';
import { STATIONS } from './data/stations.ts';
import { stationClimateSchema } from './stationClimate.ts';

/** Where a home's climate comes from: one of the made-up stations, or a series that was imported; and dates set by hand. */
export const climateSchema = z
  .strictObject({
    station: z
      .string()
      .max(60)
      .refine((code) => STATIONS.some((station) => station.code === code), {
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
