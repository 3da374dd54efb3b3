import type { HouseBody } from '../../../contract/schemas.ts';
import type { KnownBody } from '../../../contract/known.ts';
import type { Asset } from '../../../core/house/house.ts';

/** The things that stand in the house now, each with what is known of it now. */
export const knownAssets = ({ assets }: Pick<HouseBody, 'assets'>, { facts, gone }: KnownBody): Asset[] =>
  assets.filter(({ id }) => !gone.includes(id)).map((asset) => ({ ...asset, facts: facts[asset.id] ?? {} }));

/** Traits of the house itself, such as whom to call; until they have been read, those given when it was first described. */
export function houseFacts(
  house: Pick<HouseBody, 'assets'> | null,
  known: KnownBody | null,
): NonNullable<Asset['facts']> {
  const asset = house?.assets.find(({ kind }) => kind === 'house');
  return asset ? (known?.facts[asset.id] ?? asset.facts ?? {}) : {};
}
