import { idSchema } from '../../basics/id.ts';
import { shortText, tellText } from './fields.ts';
import { body, kindOf, toEntry } from './kind.ts';

/** An earlier entry is struck out. */
export const voids = kindOf(body('voids', { target: idSchema, why: shortText.optional() }), {
  references: ({ target }) => [toEntry('target', target)],
  tells: ({ why }) => tellText('why', why),
});
