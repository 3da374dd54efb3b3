import { z } from 'zod';
import { entrySchema } from '../core/ledger/entry.ts';
import { scheduleRowSchema, standingSchema } from './schemas.ts';

/** The answer to a write: the entries as they stand, the changed rows, and the rest of Today. Nothing is fetched again. */
export const writtenSchema = z.strictObject({
  entries: z.array(entrySchema.extend({ seq: z.int() })),
  rows: z.array(scheduleRowSchema),
  standing: standingSchema,
});
export type Written = z.infer<typeof writtenSchema>;
