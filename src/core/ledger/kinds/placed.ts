import { z } from 'zod';
import { idSchema } from '../../basics/id.ts';
import { civilDateSchema } from '../../calendar/civilDate.ts';
import { body, kindOf, toDuty } from './kind.ts';

/**
 * Somebody puts one time of a task in a week by hand: the week of `day`. `number`: of its times still to come, counted from 1 on the day it was
 * placed. `from`: of that day's week, where the plan had it.
 */
export const placed = kindOf(
  body('placed', {
    duty: idSchema,
    number: z.int().min(1).max(1_000),
    day: civilDateSchema,
    from: civilDateSchema.optional(),
  }),
  {
    references: ({ duty }) => [toDuty(duty)],
    about: ({ duty }) => ({ what: 'duty', id: duty }),
    tells: ({ day }) => [{ field: 'weekOf', as: 'date', date: day }],
    setup: true,
  },
);
