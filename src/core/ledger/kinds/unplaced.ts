import { idSchema } from '../../basics/id.ts';
import { civilDateSchema } from '../../calendar/civilDate.ts';
import { body, kindOf, toDuty } from './kind.ts';

/** A task put in the week of a day by hand is left to the planner again. */
export const unplaced = kindOf(body('unplaced', { duty: idSchema, day: civilDateSchema }), {
  references: ({ duty }) => [toDuty(duty)],
  about: ({ duty }) => ({ what: 'duty', id: duty }),
  tells: ({ day }) => [{ field: 'weekOf', as: 'date', date: day }],
  setup: true,
});
