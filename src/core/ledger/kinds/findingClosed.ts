import { idSchema } from '../../basics/id.ts';
import { shortText, workFields, workTells } from './fields.ts';
import { body, kindOf, toEntry, toPerson } from './kind.ts';

/** A finding is closed. `what`: its text, so that the record reads without looking it up. */
export const findingClosed = kindOf(
  body('findingClosed', { finding: idSchema, what: shortText.optional(), ...workFields }),
  {
    references: ({ finding, who }) => [toEntry('finding', finding), ...toPerson(who)],
    about: ({ what }) => (what === undefined ? null : { what: 'finding', code: what }),
    tells: workTells,
    amendable: ['who', 'minutes', 'cost', 'note'],
  },
);
