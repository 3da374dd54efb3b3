import { codeSchema } from '../../basics/code.ts';
import { idSchema } from '../../basics/id.ts';
import { longText, tellText } from './fields.ts';
import { body, kindOf, toAsset } from './kind.ts';

/** Something that is shut with the seasons was opened. */
export const opened = kindOf(
  body('opened', { asset: idSchema, state: codeSchema.optional(), note: longText.optional() }),
  {
    references: ({ asset }) => [toAsset(asset)],
    about: ({ asset }) => ({ what: 'asset', id: asset }),
    tells: ({ state, note }) => [
      ...(state === undefined ? [] : [{ field: 'text', as: 'state', code: state } as const]),
      ...tellText('note', note),
    ],
    amendable: ['note'],
  },
);
