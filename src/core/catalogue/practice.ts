import { z } from 'zod';
import { ruleSchema } from '../schedule/rule.ts';
import { doerSchema } from '../schedule/terms.ts';
import { assetKindSchema } from '../house/assetKind.ts';

const code = z.string().regex(/^[a-z0-9]+(-[a-z0-9]+)*$/, 'must be lower-case words joined by -');

/** One respectable way to set the interval of a practice. Its name, argument and condition are texts under its code. */
export const schoolSchema = z.strictObject({ code, rule: ruleSchema });

/** A circumstance a practice is known to depend on, with its usual strength. */
export const practiceFactorSchema = z.strictObject({ code, value: z.number().gt(0).max(10) });

/** A piece of upkeep as the trade knows it. Texts stand in the locales under `practice.<code>`. */
export const practiceSchema = z
  .strictObject({
    code,
    appliesTo: z.array(assetKindSchema).min(1),
    lifeSafety: z.boolean(),
    earlyDays: z.int().min(0).max(365).optional(),
    graceDays: z.int().min(0).max(365).optional(),
    minutes: z.int().min(1).max(1_000),
    doer: doerSchema,
    schools: z.array(schoolSchema).min(1),
    defaultSchool: code,
    factors: z.array(practiceFactorSchema),
  })
  .refine((practice) => practice.schools.some((school) => school.code === practice.defaultSchool), {
    path: ['defaultSchool'],
    message: 'must be one of the schools',
  });

export type Practice = z.infer<typeof practiceSchema>;
