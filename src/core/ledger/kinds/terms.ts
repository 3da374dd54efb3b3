import { idSchema } from '../../basics/id.ts';
import { termsSchema } from '../../practice/terms.ts';
import { shortText, tellText } from './fields.ts';
import { body, kindOf, toDuty } from './kind.ts';

/** From this day on a task is kept on other terms. */
export const terms = kindOf(
  body('terms', { duty: idSchema, terms: termsSchema, why: shortText.optional() }),
  {
    references: ({ duty }) => [toDuty(duty)],
    about: ({ duty }) => ({ what: 'duty', id: duty }),
    tells: ({ terms: told, why }) => [{ field: 'text', as: 'terms', terms: told }, ...tellText('why', why)],
  },
);
