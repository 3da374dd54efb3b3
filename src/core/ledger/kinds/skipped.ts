import { idSchema } from '../../basics/id.ts';
import { shortText, tellText } from './fields.ts';
import { body, kindOf, toDuty } from './kind.ts';

/** A task was knowingly left undone. */
export const skipped = kindOf(body('skipped', { duty: idSchema, why: shortText }), {
  references: ({ duty }) => [toDuty(duty)],
  about: ({ duty }) => ({ what: 'duty', id: duty }),
  tells: ({ why }) => tellText('why', why),
  amendable: ['why'],
});
