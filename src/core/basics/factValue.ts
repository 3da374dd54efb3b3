import { z } from 'zod';
import { text } from './text.ts';

/** What may be known of a thing or a household; null: not known yet. */
export const factValueSchema = z.union([text().max(200), z.number(), z.boolean(), z.null()]);
export type FactValue = z.infer<typeof factValueSchema>;
