import { codeSchema } from '../../basics/code.ts';
import { idSchema } from '../../basics/id.ts';
import { longText, tellText } from './fields.ts';
import { body, kindOf, toAsset } from './kind.ts';

/** A kind of entry that says how something stands from then on: the state named, or every one the thing has. */
export const seasonTurn = <K extends 'opened' | 'shut'>(kind: K) =>
  kindOf(body(kind, { asset: idSchema, state: codeSchema.optional(), note: longText.optional() }), {
    references: ({ asset }) => [toAsset(asset)],
    about: ({ asset }) => ({ what: 'asset', id: asset }),
    tells: ({ state, note }) => [
      ...(state === undefined ? [] : [{ field: 'text', as: 'state', code: state } as const]),
      ...tellText('note', note),
    ],
    amendable: ['note'],
  });
