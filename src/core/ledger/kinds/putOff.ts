import { z } from 'zod';
import { idSchema } from '../../basics/id.ts';
import { text } from '../../basics/text.ts';
import { civilDateSchema } from '../../calendar/civilDate.ts';
import { shortText, tellText } from './fields.ts';
import { body, kindOf, toDuty } from './kind.ts';

/** The outstanding occurrence of a task is put off to a later day. */
export const putOff = kindOf(
  body('putOff', {
    duty: idSchema,
    occurrence: text().min(1).max(200),
    to: civilDateSchema,
    why: shortText,
    acknowledged: z.boolean().optional(),
  }),
  {
    references: ({ duty }) => [toDuty(duty)],
    about: ({ duty }) => ({ what: 'duty', id: duty }),
    tells: ({ to, why }) => [{ field: 'to', as: 'date', date: to }, ...tellText('why', why)],
    amendable: ['why'],
  },
);
