import { idSchema } from '../../basics/id.ts';
import { body, kindOf, toDuty } from './kind.ts';

/** A paused task is kept again. */
export const resumed = kindOf(body('resumed', { duty: idSchema }), {
  references: ({ duty }) => [toDuty(duty)],
  about: ({ duty }) => ({ what: 'duty', id: duty }),
});
