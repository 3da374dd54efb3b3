import { idSchema } from '../../basics/id.ts';
import { changeSchema } from './change.ts';
import { shortText, tellText } from './fields.ts';
import { body, kindOf, toEntry } from './kind.ts';

/** An earlier entry says something else. */
export const amends = kindOf(
  body('amends', { target: idSchema, change: changeSchema, why: shortText.optional() }),
  {
    references: ({ target, change: { who } }) => [
      toEntry('target', target),
      ...(who ? [{ field: 'change.who', to: 'person', id: who } as const] : []),
    ],
    tells: ({ why }) => tellText('why', why),
  },
);
