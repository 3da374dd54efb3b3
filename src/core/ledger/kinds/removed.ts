import { idSchema } from '../../basics/id.ts';
import { shortText, tellText } from './fields.ts';
import { body, kindOf, toAsset } from './kind.ts';

/** A thing was taken out of the house. */
export const removed = kindOf(body('removed', { asset: idSchema, why: shortText.optional() }), {
  references: ({ asset }) => [toAsset(asset)],
  about: ({ asset }) => ({ what: 'asset', id: asset }),
  tells: ({ why }) => tellText('why', why),
});
