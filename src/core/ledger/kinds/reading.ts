import { z } from 'zod';
import { codeSchema } from '../../basics/code.ts';
import { idSchema } from '../../basics/id.ts';
import { text } from '../../basics/text.ts';
import { verdictSchema } from '../../basics/verdict.ts';
import { longText, shortText, tellText } from './fields.ts';
import { body, kindOf, toAsset } from './kind.ts';

/** The verdict of a reading when it was taken, and the school that gave it; a later judgement does not change it. */
export const judgedSchema = z.strictObject({
  reading: codeSchema,
  verdict: verdictSchema,
  school: codeSchema.optional(),
  days: z.int().min(0).max(400).optional(),
});

/** All that was put in for a reading, by field: quantities as they were entered. */
export const givenSchema = z.record(
  codeSchema,
  z.union([
    z.strictObject({ value: z.number(), unit: text().min(1).max(20) }),
    z.number(),
    text().max(60),
    z.boolean(),
  ]),
);

/** Something was measured. */
export const reading = kindOf(
  body('reading', {
    asset: idSchema,
    measure: shortText,
    value: z.number(),
    unit: text().min(1).max(20),
    judged: judgedSchema.optional(),
    given: givenSchema.optional(),
    note: longText.optional(),
  }),
  {
    references: ({ asset }) => [toAsset(asset)],
    about: ({ asset }) => ({ what: 'asset', id: asset }),
    tells: ({ measure, value, unit, judged, note }) => [
      { field: 'text', as: 'reading', measure, value, unit },
      ...(judged ? [{ field: 'verdict', as: 'verdict', verdict: judged.verdict } as const] : []),
      ...tellText('note', note),
    ],
    amendable: ['note'],
  },
);
