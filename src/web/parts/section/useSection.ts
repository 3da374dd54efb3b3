import { useMediaQuery } from '@vueuse/core';
import { computed, type Ref } from 'vue';
import type { HouseBody } from '../../../contract/schemas.ts';
import type { KnownBody } from '../../../contract/known.ts';
import { emergencyPoints } from '../../../core/house/emergencyPoints.ts';
import { formOf } from '../../../core/house/section/formOf.ts';
import { houseSection } from '../../../core/house/section/houseSection.ts';
import type { Speech } from '../../../locales/speech.ts';
import { knownAssets } from '../thing/knownAssets.ts';

/** Things side by side in the house, on a wide screen and on a phone. */
const WIDE = 8;
const NARROW = 3;

/** The section through a house as it stands now, and its things by id with the names they are drawn with. */
export function useSection(house: Ref<HouseBody>, known: Ref<KnownBody>, speech: Ref<Speech>) {
  const isNarrow = useMediaQuery('(max-width: 44rem)');
  const assets = computed(() => knownAssets(house.value, known.value).filter(({ kind }) => kind !== 'house'));
  const section = computed(() =>
    houseSection({
      spaces: house.value.spaces,
      things: assets.value,
      form: formOf(known.value.traits, house.value.spaces, assets.value),
      across: isNarrow.value ? NARROW : WIDE,
    }),
  );
  /** A thing that is called only by its room goes by its kind: the room stands above it. */
  const things = computed(() => {
    const rooms = new Set(house.value.spaces.map(({ name }) => name.trim().toLowerCase()));
    return new Map(
      assets.value.map(({ id, name, kind }) => [
        id,
        { kind, name: rooms.has(name.trim().toLowerCase()) ? speech.value.t(`assetKind.${kind}`) : name },
      ]),
    );
  });
  /** The things that are shut off in an emergency. */
  const shutoffs = computed(
    () => new Set(emergencyPoints(assets.value, house.value.spaces).flatMap(({ asset }) => asset ?? [])),
  );
  return { section, things, assets, shutoffs };
}
