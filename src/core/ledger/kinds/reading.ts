import { z } from 'zod';
import { codeSchema } from '../../basics/code.ts';
import { idSchema } from '../../basics/id.ts';
import { text } from '../../basics/text.ts';
import { verdictSchema } from '../../basics/verdict.ts';
import { givenSchema, longText, shortText, tellText } from './fields.ts';
import { body, kindOf, toAsset } from './kind.ts';

/** The verdict of a reading when it was taken, and the school that gave it; a later judgement does not change it. */
export const judgedSchema = z.strictObject({
  reading: codeSchema,
  verdict: verdictSchema,
  school: codeSchema.optional(),
  days: z.int().min(0).max(400).optional(),
});

/** Something was measured. */
export const reading = kindOf(
  body('reading', {
    asset: idSchema,
    measure: shortText,
    value: z.number(),
    unit: text().min(1).max(20),
    /** Which part of the thing: humidity is measured floor by floor. */
    part: codeSchema.optional(),
    /** The same as it was before the work of the same day: a pair shows what the work did. */
    before: z.strictObject({ value: z.number(), unit: text().min(1).max(20) }).optional(),
    judged: judgedSchema.optional(),
    given: givenSchema.optional(),
    note: longText.optional(),
  }),
  {
    references: ({ asset }) => [toAsset(asset)],
    about: ({ asset }) => ({ what: 'asset', id: asset }),
    tells: ({ measure, value, unit, part, before, judged, note }) => [
      { field: 'text', as: 'reading', measure, value, unit, part, before },
      ...(judged ? [{ field: 'verdict', as: 'verdict', verdict: judged.verdict } as const] : []),
      ...tellText('note', note),
    ],
    amendable: ['note'],
  },
);
