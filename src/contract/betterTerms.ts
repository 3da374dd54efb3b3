import { z } from 'zod';
import { termsSchema } from '../core/practice/terms.ts';
import { uuidSchema } from './basics.ts';

/** Duties whose school says more than it did when they were taken on, each with the terms it could have from today. */
export const betterTermsSchema = z.strictObject({
  offers: z.array(z.strictObject({ dutyId: uuidSchema, terms: termsSchema })),
});
export type BetterTermsBody = z.infer<typeof betterTermsSchema>;
