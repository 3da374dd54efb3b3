import { z } from 'zod';
import { civilDateSchema } from '../calendar/civilDate.ts';
import { spanSchema } from '../calendar/span.ts';
import { factorSchema } from './terms.ts';

const date = civilDateSchema;
const days = z.int();

/** Where the length of an early or grace period comes from. */
export const marginSourceSchema = z.enum(['share', 'calendar', 'stated', 'neighbour', 'lifeSafety']);
export type MarginSource = z.infer<typeof marginSourceSchema>;

/**
 * One step of the derivation of a date, in the order taken. `due` is the date as it stands after the step; the other
 * fields are the step's own inputs, enough to take it again (`recompute.ts`).
 */
export const reasonSchema = z.discriminatedUnion('kind', [
  z.strictObject({ kind: z.literal('lastDone'), on: date, how: z.enum(['done', 'skipped']) }),
  z.strictObject({ kind: z.literal('interval'), every: spanSchema, due: date }),
  z.strictObject({
    kind: z.literal('factors'),
    factors: z.array(factorSchema),
    product: z.number(),
    held: z.number(),
    days,
    due: date,
  }),
  z.strictObject({ kind: z.literal('floor'), floorDays: days, due: date }),
  z.strictObject({ kind: z.literal('plainHolds'), side: z.enum(['latest', 'earliest']), due: date }),
  z.strictObject({ kind: z.literal('noRecord'), due: date }),
  z.strictObject({ kind: z.literal('termsBegan'), due: date }),
  z.strictObject({ kind: z.literal('listed'), due: date }),
  z.strictObject({
    kind: z.literal('clockChange'),
    season: z.enum(['spring', 'autumn']),
    zone: z.string(),
    conventional: z.boolean(),
    due: date,
  }),
  z.strictObject({
    kind: z.literal('window'),
    basisDays: z.number().nullable(),
    early: days,
    earlyBy: marginSourceSchema,
    grace: days,
    graceBy: marginSourceSchema,
    earliest: date,
    latest: date,
  }),
  z.strictObject({ kind: z.literal('putOff'), why: z.string(), due: date, earliest: date, latest: date }),
]);

export type Reason = z.infer<typeof reasonSchema>;
