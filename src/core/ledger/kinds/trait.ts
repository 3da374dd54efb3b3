import { factValueSchema } from '../../basics/factValue.ts';
import { shortText } from './fields.ts';
import { body, kindOf } from './kind.ts';

/** Something is known of the household. */
export const trait = kindOf(body('trait', { trait: shortText, value: factValueSchema }), {
  about: ({ trait: code }) => ({ what: 'trait', code }),
  tells: ({ trait: code, value }) => [{ field: 'text', as: 'trait', trait: code, value }],
  setup: true,
});
