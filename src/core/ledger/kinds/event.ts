import { longText, shortText, tellText } from './fields.ts';
import { body, kindOf } from './kind.ts';

/** Something happened that sets work off. */
export const event = kindOf(body('event', { trigger: shortText, note: longText.optional() }), {
  about: ({ trigger }) => ({ what: 'trigger', code: trigger }),
  tells: ({ note }) => tellText('note', note),
  amendable: ['note'],
});
