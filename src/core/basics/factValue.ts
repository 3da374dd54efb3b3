import { z } from 'zod';
import { text } from './text.ts';

/** The value of a fact or trait; null: not known yet. */
export const factValueSchema = z.union([text().max(200), z.number(), z.boolean(), z.null()]);
export type FactValue = z.infer<typeof factValueSchema>;
