import { idSchema } from '../../basics/id.ts';
import { shortText, tellText } from './fields.ts';
import { body, kindOf, toDuty } from './kind.ts';

/** Nothing is to be done of a task until it is resumed. */
export const paused = kindOf(body('paused', { duty: idSchema, why: shortText.optional() }), {
  references: ({ duty }) => [toDuty(duty)],
  about: ({ duty }) => ({ what: 'duty', id: duty }),
  tells: ({ why }) => tellText('why', why),
});
