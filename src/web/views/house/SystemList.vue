<script setup lang="ts">
import { computed } from 'vue';
import type { KnownBody } from '../../../contract/known.ts';
import type { HouseBody } from '../../../contract/schemas.ts';
import type { FindPractice } from '../../../core/house/timingOf.ts';
import { thingsBySystem, type SystemThings } from '../../../core/upkeep/thingsBySystem.ts';
import type { Speech } from '../../../locales/speech.ts';
import SystemPanels from '../../kit/SystemPanels.vue';
import { knownAssets } from '../../parts/thing/knownAssets.ts';
import ThingRow from './ThingRow.vue';

/** The things of a house by the system they belong to, whatever room they stand in. */
const props = defineProps<{ house: HouseBody; known: KnownBody; find: FindPractice; speech: Speech }>();
const systems = computed(() =>
  thingsBySystem(knownAssets(props.house, props.known), props.house, props.find),
);
const saysOf = ({ things }: SystemThings): string =>
  props.speech.t('rooms.things', { n: things.length }, things.length);
</script>

<template>
  <SystemPanels
    v-slot="{ group }"
    :groups="systems"
    name="house"
    :unfolded="false"
    :says="saysOf"
    :speech="speech"
  >
    <ul>
      <ThingRow
        v-for="asset in group.things"
        :key="asset.id"
        :asset="asset"
        :home-id="house.home.id"
        :on="known.on"
        :speech="speech"
      />
    </ul>
  </SystemPanels>
</template>
