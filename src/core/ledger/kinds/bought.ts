import { z } from 'zod';
import { shortText } from './fields.ts';
import { body, kindOf } from './kind.ts';

/** A supply was bought. */
export const bought = kindOf(
  body('bought', {
    supply: shortText,
    quantity: z.int().min(1).max(100_000),
    cost: z.int().min(0).optional(),
  }),
  {
    about: ({ supply }) => ({ what: 'supply', code: supply }),
    tells: ({ quantity }) => [{ field: 'text', as: 'number', number: quantity }],
  },
);
