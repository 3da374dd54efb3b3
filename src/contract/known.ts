import { z } from 'zod';
import { factValueSchema } from '../core/basics/factValue.ts';
import { civilDateSchema } from '../core/calendar/civilDate.ts';
import { givenSchema } from '../core/ledger/entry.ts';
import { uuidSchema } from './basics.ts';

/** The house as known now: facts as last told, by asset; traits; what stands there no more. */
export const knownSchema = z.strictObject({
  on: civilDateSchema,
  facts: z.record(uuidSchema, z.record(z.string(), factValueSchema)),
  /** Minutes a week for the house, as the household has said; null where it has not. */
  weekMinutes: z.number().nullable(),
  traits: z.record(z.string(), factValueSchema),
  gone: z.array(uuidSchema),
  /** How much of each supply that was ever counted is in the house. */
  stock: z.record(z.string(), z.number()).default({}),
  /** The last day of each task that has been done at all. */
  lastDone: z.record(uuidSchema, civilDateSchema).default({}),
  /** The last reading of each measure of a thing. */
  lastRead: z
    .array(
      z.strictObject({
        asset: uuidSchema,
        measure: z.string(),
        date: civilDateSchema,
        given: givenSchema.optional(),
      }),
    )
    .default([]),
});
export type KnownBody = z.infer<typeof knownSchema>;
