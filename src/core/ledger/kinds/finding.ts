import { z } from 'zod';
import { codeSchema } from '../../basics/code.ts';
import { idSchema } from '../../basics/id.ts';
import { verdictSchema } from '../../basics/verdict.ts';
import { text } from '../../basics/text.ts';
import { givenSchema, longText, shortText, tellText } from './fields.ts';
import { body, kindOf, toAsset, toDuty, toEntry } from './kind.ts';

/** Something was found on a thing. */
export const finding = kindOf(
  body('finding', {
    asset: idSchema,
    what: shortText,
    duty: idSchema.optional(),
    verdict: verdictSchema.optional(),
    /** Where on the thing or near it. */
    place: shortText.optional(),
    photo: idSchema.optional(),
    /** Within how many days it is to be put right; with it the finding is work of its own until it is closed. */
    days: z.int().min(0).max(400).optional(),
    /** Practices that answer it: their work done later, or in the same run, closes it. */
    answeredBy: z.array(codeSchema).min(1).max(5).optional(),
    /** The look that led to it, by the practice and what was looked at: a later look at the same takes its place. */
    look: text().max(130).optional(),
    /** The reading that led to it. */
    reading: idSchema.optional(),
    /** Which part of the thing was measured. */
    part: codeSchema.optional(),
    /** The input of the reading that led to it, from which the verdict was reached. */
    given: givenSchema.optional(),
    note: longText.optional(),
  }),
  {
    references: ({ asset, duty, reading }) => [
      ...(duty === undefined ? [] : [toDuty(duty)]),
      toAsset(asset),
      ...(reading === undefined ? [] : [toEntry('reading', reading)]),
    ],
    about: ({ asset, duty }) =>
      duty === undefined ? { what: 'asset', id: asset } : { what: 'duty', id: duty },
    tells: ({ what, verdict, place, part, note }) => [
      { field: 'text', as: 'finding', what, part },
      ...(verdict ? [{ field: 'verdict', as: 'verdict', verdict } as const] : []),
      ...tellText('place', place),
      ...tellText('note', note),
    ],
    amendable: ['note'],
  },
);
