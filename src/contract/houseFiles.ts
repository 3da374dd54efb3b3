import { z } from 'zod';
import { uuidSchema } from './basics.ts';

export const sendHouseFileQuerySchema = z.strictObject({ act: z.enum(['preview', 'import']) });

/** A preview of a house file, or the id of the home that was made of it. */
export const houseFileAnswerSchema = z.discriminatedUnion('act', [
  z.strictObject({
    act: z.literal('preview'),
    name: z.string(),
    things: z.int(),
    entries: z.int(),
    lastDay: z.string().nullable(),
    photos: z.int(),
    papers: z.int(),
    checklists: z.int(),
    /** kept: with its ids and its whole chain; copied: as a new home, because the installation or another account has its ids. */
    becomes: z.enum(['kept', 'copied']),
  }),
  z.strictObject({ act: z.literal('import'), homeId: uuidSchema }),
]);
export type HouseFileAnswer = z.infer<typeof houseFileAnswerSchema>;
