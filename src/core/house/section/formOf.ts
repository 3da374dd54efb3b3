import type { FactValue } from '../../basics/factValue.ts';
import type { Asset, Space } from '../house.ts';
import type { HouseForm } from './section.ts';

type Traits = Readonly<Record<string, FactValue>>;

/** How a house is built, from what is known of it; a detached house with a gable roof where nothing is. */
export function formOf(
  traits: Traits,
  spaces: readonly Pick<Space, 'use'>[],
  assets: readonly Pick<Asset, 'kind' | 'facts'>[],
): HouseForm {
  const building = traits['building'];
  const isManufactured = building === 'manufactured' || traits['manufactured'] === true;
  const isFlat = assets.some(({ kind, facts }) => kind === 'roof' && facts?.['covering'] === 'flat');
  const hasCrawl = spaces.some(({ use }) => use === 'crawl-space') || traits['timber-floors'] === true;
  return {
    roof:
      isFlat || building === 'apartment'
        ? 'flat'
        : isManufactured
          ? 'low'
          : building === 'cabin'
            ? 'steep'
            : 'gable',
    below: isManufactured ? 'skirting' : hasCrawl ? 'crawl' : 'slab',
    joined: building === 'terraced' ? 'sides' : building === 'apartment' ? 'floors' : 'none',
  };
}
