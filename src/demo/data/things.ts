import type { FactValue } from '../../core/basics/factValue.ts';
import type { AssetKind } from '../../core/basics/assetKind.ts';
import type { DemoAsset } from '../demoHome.ts';

/** A thing in a room, with what is known of it. */
export const thing = (
  id: string,
  kind: AssetKind,
  name: string,
  space?: string,
  facts?: Record<string, FactValue>,
  more: Partial<DemoAsset> = {},
): DemoAsset => ({
  id,
  kind,
  name,
  ...(space !== undefined && { space }),
  ...(facts && { facts }),
  ...more,
});

/** Where something is shut, and how. */
export const shut = (
  place: string | null,
  handle: string | null = null,
  how: string | null = null,
): Record<string, FactValue> => ({
  'shutoff-place': place,
  ...(handle !== null && { shutoff: handle }),
  ...(how !== null && { 'shutoff-how': how }),
});

export const house = (facts: Record<string, FactValue>): DemoAsset =>
  thing('house', 'house', 'The house', undefined, facts);
