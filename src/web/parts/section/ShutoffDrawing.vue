<script setup lang="ts">
import { toRef } from 'vue';
import { useRouter } from 'vue-router';
import type { HouseBody } from '../../../contract/schemas.ts';
import type { KnownBody } from '../../../contract/known.ts';
import type { Speech } from '../../../locales/speech.ts';
import HouseDrawing from './HouseDrawing.vue';
import { useSection } from './useSection.ts';

/** The house with its shutoffs, everything else faint; a tap leads to the page of the thing. */
const props = defineProps<{ house: HouseBody; known: KnownBody; speech: Speech }>();
const router = useRouter();
const { section, things, shutoffs } = useSection(
  toRef(props, 'house'),
  toRef(props, 'known'),
  toRef(props, 'speech'),
);
const goTo = (assetId: string | null) =>
  assetId !== null && router.push({ name: 'thing', params: { homeId: props.house.home.id, assetId } });
</script>

<template>
  <HouseDrawing
    v-if="shutoffs.size > 0"
    :model-value="null"
    :section="section"
    :things="things"
    :states="new Map()"
    :shown="shutoffs"
    :missing="new Map()"
    :speech="speech"
    @update:model-value="goTo"
  />
</template>
