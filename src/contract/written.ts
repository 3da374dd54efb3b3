import { z } from 'zod';
import { entrySchema } from '../core/ledger/entry.ts';
import { scheduleRowSchema, standingSchema } from './schemas.ts';

/** What a write answers with: the entries as they stand, the rows it changed, and what Today shows besides. Nothing is fetched again. */
export const writtenSchema = z.strictObject({
  entries: z.array(entrySchema.extend({ seq: z.int() })),
  rows: z.array(scheduleRowSchema),
  standing: standingSchema,
});
export type Written = z.infer<typeof writtenSchema>;
