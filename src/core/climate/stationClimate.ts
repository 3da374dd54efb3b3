import { z } from 'zod';
import { text } from '../basics/text.ts';
import { monthDaySchema } from './anchor.ts';

const twelve = z.array(z.number().min(-100).max(100)).length(12);
const maybeDay = monthDaySchema.nullable();
const risks = z.strictObject({ 10: maybeDay, 50: maybeDay, 90: maybeDay });

/** A season by the 31-day mean temperature: its first day and the first day after it, or all year, or never. */
const spanOfYearSchema = z.union([
  z.strictObject({ start: monthDaySchema, end: monthDaySchema }),
  z.enum(['always', 'never']),
]);
export type SpanOfYear = z.infer<typeof spanOfYearSchema>;

/**
 * The climate of a place, from years of days: temperatures in °C, rain in mm a month, degree days to
 * base 18 °C, design days in °C of daily mean. Seasons follow the conventions of `seasonsFromCurve`.
 */
export const stationClimateSchema = z
  .strictObject({
    name: text().min(1).max(120),
    latitude: z.number().min(-90).max(90).nullable(),
    elevation: z.number().min(-500).max(9_000).nullable(),
    rests: z.strictObject({
      from: z.int().min(1700).max(2999),
      to: z.int().min(1700).max(2999),
      winters: z.int().min(0),
      days: z.int().min(0),
    }),
    high: twelve,
    low: twelve,
    rain: z.array(z.number().min(0).max(5_000)).length(12),
    firstFreeze: risks,
    lastFreeze: risks,
    heating: spanOfYearSchema,
    cooling: spanOfYearSchema,
    leafFall: maybeDay,
    heatingDegreeDays: z.array(z.number().min(0)).length(12),
    coolingDegreeDays: z.array(z.number().min(0)).length(12),
    coldDesign: z.number().min(-100).max(60),
    hotDesign: z.number().min(-60).max(100),
  })
  .meta({ id: 'StationClimate', description: 'The climate at a place, worked out from years of days' });
export type StationClimate = z.infer<typeof stationClimateSchema>;
