import type { Asset, Space } from '../core/house/house.ts';
import type { Speech } from './speech.ts';

/**
 * The name of a thing where nothing beside it tells its kind: one that is called only by its room gets its kind before it, such as “Smoke
 * alarm, Hall”. Any other name stays as it is.
 */
export function thingName({ t }: Pick<Speech, 't'>, asset: Asset, spaces: readonly Space[]): string {
  const own = asset.name.trim().toLowerCase();
  const isRoom = spaces.some(({ name }) => name.trim().toLowerCase() === own);
  if (!isRoom || asset.kind === 'other' || asset.kind === 'house') return asset.name;
  return t('inRoom', { kind: t(`assetKind.${asset.kind}`), room: asset.name });
}
