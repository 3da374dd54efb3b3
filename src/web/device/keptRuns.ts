import { z } from 'zod';
import { runSchema } from '../../contract/runs.ts';
import { houseSchema, todaySchema } from '../../contract/schemas.ts';
import { knownSchema } from '../../contract/known.ts';
import { keptOnDevice } from './kept.ts';

/** The data a run needs to continue without a signal. */
const keptRunSchema = z.object({
  version: z.literal(1),
  personId: z.string(),
  house: houseSchema,
  today: todaySchema,
  known: knownSchema,
  run: runSchema.pick({ revision: true, state: true, finished: true }),
});

/** The runs gone on with on this device, by run. */
export const keptRuns = keptOnDevice('open run', keptRunSchema);
