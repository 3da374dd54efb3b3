import { z } from 'zod';
import { runStateSchema } from '../core/runs/runState.ts';
import { revisionSchema, uuidSchema } from './basics.ts';
import { newEntrySchema } from './schemas.ts';

export const runSchema = z.strictObject({
  id: uuidSchema,
  /** Counts the savings. */
  revision: z.int(),
  state: runStateSchema,
  finished: z.boolean(),
  begunAt: z.iso.datetime(),
  savedAt: z.iso.datetime(),
});
export type RunBody = z.infer<typeof runSchema>;
/** `saw`: the revision one started from, 0 to begin; when another device has saved since, the answer is a conflict. */
export const saveRunSchema = z.strictObject({ saw: revisionSchema, state: runStateSchema });
/** Everything a run leaves, written at once. */
export const finishRunSchema = z.strictObject({
  run: uuidSchema,
  entries: z.array(newEntrySchema).min(1).max(1_000),
});
