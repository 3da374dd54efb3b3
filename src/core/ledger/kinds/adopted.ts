import { idSchema } from '../../basics/id.ts';
import { termsSchema } from '../../practice/terms.ts';
import { body, kindOf, toDuty } from './kind.ts';

/** The home takes a task on, on these terms. */
export const adopted = kindOf(body('adopted', { duty: idSchema, terms: termsSchema }), {
  references: ({ duty }) => [toDuty(duty)],
  about: ({ duty }) => ({ what: 'duty', id: duty }),
  tells: ({ terms }) => [{ field: 'text', as: 'terms', terms }],
  voidable: false,
  setup: true,
});
