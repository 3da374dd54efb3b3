import { z } from 'zod';
import { houseSchema, standingSchema } from '../../contract/schemas.ts';
import { knownSchema } from '../../contract/known.ts';
import { keptOnDevice } from './kept.ts';

/** The part of a home that the emergency sheet needs. */
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
