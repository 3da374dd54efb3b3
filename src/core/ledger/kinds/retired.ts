import { idSchema } from '../../basics/id.ts';
import { shortText, tellText } from './fields.ts';
import { body, kindOf, toDuty } from './kind.ts';

/** A task is given up. */
export const retired = kindOf(body('retired', { duty: idSchema, why: shortText.optional() }), {
  references: ({ duty }) => [toDuty(duty)],
  about: ({ duty }) => ({ what: 'duty', id: duty }),
  tells: ({ why }) => tellText('why', why),
});
