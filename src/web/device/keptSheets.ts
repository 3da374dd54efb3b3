import { z } from 'zod';
import { houseSchema, knownSchema, standingSchema } from '../../contract/schemas.ts';
import { keptOnDevice } from './kept.ts';

/** What the emergency sheet needs of a home. */
const keptSheetSchema = z.object({
  version: z.literal(2),
  personId: z.string(),
  keptAt: z.iso.datetime(),
  house: houseSchema,
  known: knownSchema,
  standing: standingSchema,
});

/** The emergency sheets, by home. */
export const keptSheets = keptOnDevice('sheet', keptSheetSchema);
