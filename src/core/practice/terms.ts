import { z } from 'zod';
import { text } from '../basics/text.ts';
import { ruleSchema } from './rule.ts';

const factorCode = text().trim().min(1).max(60);

/** A circumstance that wears a thing faster (below 1) or slower (above 1), by the code of the catalogue or the user's own word. */
export const factorSchema = z
  .strictObject({
    code: factorCode,
    value: z.number().gt(0).max(10),
  })
  .meta({
    id: 'Factor',
    description: 'Multiplies an interval; the product of all is held between 0.25 and 1.5',
  });

/** Circumstances a rule already allows for: their factors do not act on it. */
export const allowsForSchema = z.array(factorCode).max(12).optional();

export const doerSchema = z.enum(['self', 'helper', 'trade']);

/** How one duty is kept: the school chosen (null: the home's own), its rule, what shortens it, and who does it. */
export const termsSchema = z
  .strictObject({
    school: text().min(1).max(60).nullable(),
    rule: ruleSchema,
    factors: z.array(factorSchema).max(12),
    allowsFor: allowsForSchema,
    doer: doerSchema,
  })
  .meta({ id: 'Terms', description: 'How a duty is kept from the day of its entry on' });

/** The factors that act: all but those the rule already allows for. */
export const actingFactors = ({ factors, allowsFor = [] }: Pick<Terms, 'factors' | 'allowsFor'>): Factor[] =>
  factors.filter(({ code }) => !allowsFor.includes(code));

export type Factor = z.infer<typeof factorSchema>;
export type Doer = z.infer<typeof doerSchema>;
export type Terms = z.infer<typeof termsSchema>;
