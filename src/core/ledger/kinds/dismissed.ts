import { z } from 'zod';
import { idSchema } from '../../basics/id.ts';
import { shortText, tellText } from './fields.ts';
import { body, kindOf, toDuty } from './kind.ts';

/** An interval that was proposed is not wanted. */
export const dismissed = kindOf(
  body('dismissed', { duty: idSchema, days: z.int().min(1).max(40_000), why: shortText.optional() }),
  {
    references: ({ duty }) => [toDuty(duty)],
    about: ({ duty }) => ({ what: 'duty', id: duty }),
    tells: ({ days, why }) => [{ field: 'text', as: 'days', days }, ...tellText('why', why)],
  },
);
