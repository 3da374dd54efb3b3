import type { HouseBody, KnownBody } from '../../contract/schemas.ts';
import type { Asset } from '../../core/house/house.ts';

/** The things that stand in the house now, each with what is known of it now. */
export const knownAssets = ({ assets }: Pick<HouseBody, 'assets'>, { facts, gone }: KnownBody): Asset[] =>
  assets.filter(({ id }) => !gone.includes(id)).map((asset) => ({ ...asset, facts: facts[asset.id] ?? {} }));
