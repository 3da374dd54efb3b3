import { z } from 'zod';
import { shortText } from './fields.ts';
import { body, kindOf } from './kind.ts';

/** There is more or less of a supply than was known. */
export const stockMoved = kindOf(
  body('stockMoved', { supply: shortText, change: z.int().min(-100_000).max(100_000) }),
  {
    about: ({ supply }) => ({ what: 'supply', code: supply }),
    tells: ({ change }) => [{ field: 'text', as: 'number', number: change }],
  },
);
