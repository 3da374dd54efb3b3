import { z } from 'zod';
import { runSchema } from '../../contract/runs.ts';
import { houseSchema, knownSchema, todaySchema } from '../../contract/schemas.ts';
import { keptOnDevice } from './kept.ts';

/** What a run needs to be gone on with where there is no signal. */
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
