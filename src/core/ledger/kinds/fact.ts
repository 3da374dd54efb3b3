import { idSchema } from '../../basics/id.ts';
import { factValueSchema } from '../../basics/factValue.ts';
import { partialDay } from '../../calendar/partialDate.ts';
import { shortText } from './fields.ts';
import { body, kindOf, toAsset } from './kind.ts';

const factBody = body('fact', { asset: idSchema, fact: shortText, value: factValueSchema }).refine(
  ({ fact: code, value }) =>
    code !== 'made' || value === null || (typeof value === 'string' && partialDay(value) !== null),
  {
    path: ['value'],
    params: { problem: 'partial-date' },
    message: 'must be a year, month or day written YYYY, YYYY-MM or YYYY-MM-DD',
  },
);

/** Something is known of a thing. */
export const fact = kindOf(factBody, {
  references: ({ asset }) => [toAsset(asset)],
  about: ({ asset }) => ({ what: 'asset', id: asset }),
  tells: ({ asset, fact: code, value }) => [{ field: 'text', as: 'fact', asset, fact: code, value }],
  setup: true,
});
