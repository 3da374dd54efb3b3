import { z } from 'zod';
import { idSchema } from '../../basics/id.ts';
import { text } from '../../basics/text.ts';
import { usedSchema, workFields, workTells } from './fields.ts';
import { body, kindOf, toDuty, toPerson } from './kind.ts';

/** A task was done; `occurrence` names what it was done for where its window was not open by itself. */
export const done = kindOf(
  body('done', {
    duty: idSchema,
    ...workFields,
    occurrence: text().min(1).max(200).optional(),
    used: z.array(usedSchema).max(12).optional(),
  }),
  {
    references: ({ duty, who }) => [toDuty(duty), ...toPerson(who)],
    about: ({ duty }) => ({ what: 'duty', id: duty }),
    tells: workTells,
    amendable: ['who', 'minutes', 'cost', 'note'],
  },
);
