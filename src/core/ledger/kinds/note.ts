import { idSchema } from '../../basics/id.ts';
import { longText, tellText } from './fields.ts';
import { body, kindOf, toAsset } from './kind.ts';

/** Something worth writing down. */
export const note = kindOf(
  body('note', { text: longText, asset: idSchema.optional(), photo: idSchema.optional() }),
  {
    references: ({ asset }) => (asset === undefined ? [] : [toAsset(asset)]),
    about: ({ asset }) => (asset === undefined ? null : { what: 'asset', id: asset }),
    tells: ({ text }) => tellText('text', text),
    amendable: ['text'],
  },
);
