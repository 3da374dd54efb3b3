import { idSchema } from '../../basics/id.ts';
import { longText, tellText } from './fields.ts';
import { body, kindOf, toAsset } from './kind.ts';

/** Another unit stands where one stood. */
export const replaced = kindOf(
  body('replaced', { asset: idSchema, successor: idSchema, note: longText.optional() }),
  {
    references: ({ asset, successor }) => [toAsset(asset), toAsset(successor, 'successor')],
    about: ({ asset }) => ({ what: 'asset', id: asset }),
    tells: ({ successor, note }) => [{ field: 'to', as: 'asset', id: successor }, ...tellText('note', note)],
    voidable: false,
  },
);
