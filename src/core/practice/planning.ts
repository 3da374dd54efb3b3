import { z } from 'zod';
import type { SetUp } from './lists.ts';

/** The worst that follows where work stays undone, from the gravest on. */
export const consequenceSchema = z.enum([
  'life-safety',
  'water-and-frost',
  'costly-wear',
  'money',
  'comfort',
]);
export type Consequence = z.infer<typeof consequenceSchema>;

/** Where in or around the house one stands for it. */
export const areaSchema = z.enum([
  'anywhere',
  'plant',
  'kitchen',
  'bathroom',
  'attic',
  'basement',
  'crawl-space',
  'garage',
  'walls',
  'roof',
  'yard',
]);
export type Area = z.infer<typeof areaSchema>;

/**
 * Weather some work needs. `ladder`: a high of at least 3 °C, gusts under 12 m/s, dry. `sealant`: a low above 5 °C, dry.
 * `dry`: no rain. `ground`: a low above 0 °C, so that the ground is open.
 */
export const weatherLimitSchema = z.enum(['ladder', 'sealant', 'dry', 'ground']);
export type WeatherLimit = z.infer<typeof weatherLimitSchema>;

/** Work that a household may leave to a trade. `ladders`: ladders and roofs outdoors; `steps`: a step ladder indoors. */
export const skillSchema = z.enum(['ladders', 'steps', 'gas', 'mains', 'crawling', 'sewage']);
export type Skill = z.infer<typeof skillSchema>;

/** The facts a plan of the year must know of a practice beside its dates. */
export const planningSchema = z.strictObject({
  consequence: consequenceSchema,
  outdoors: z.boolean(),
  area: areaSchema,
  /** People needed at once. */
  people: z.union([z.literal(1), z.literal(2)]),
  weather: z.array(weatherLimitSchema).max(3),
  noise: z.enum(['quiet', 'loud']),
  skills: z.array(skillSchema).max(4),
});
export type Planning = z.infer<typeof planningSchema>;

/** Minutes each set-up takes, there and back, once a day whatever is done with it. Usual values. */
export const SET_UP_MINUTES: Readonly<Record<SetUp, number>> = {
  ladder: 20,
  'water-off': 15,
  'power-off': 10,
  'gas-off': 10,
  'wet-vacuum': 15,
  'crawl-space': 25,
  attic: 10,
};
