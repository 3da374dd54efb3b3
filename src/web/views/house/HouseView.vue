<script setup lang="ts">
import { useSessionStorage } from '@vueuse/core';
import Button from 'primevue/button';
import SelectButton from 'primevue/selectbutton';
import { computed, ref } from 'vue';
import type { PhotoBody } from '../../../contract/photos.ts';
import type { StandingBody } from '../../../contract/schemas.ts';
import { useSpeech } from '../../composables/useSpeech.ts';
import { ask } from '../../device/ask.ts';
import HousePage from '../../parts/house/HousePage.vue';
import { useHome } from '../../stores/home.ts';
import DrawingView from './DrawingView.vue';
import { LAYERS, type Layer } from './layers.ts';
import LoosePhotos from './LoosePhotos.vue';
import RoomList from './RoomList.vue';
import SystemList from './SystemList.vue';

/** The things of a home: drawn, by room or by system. */
const home = useHome();
const speech = useSpeech();
const t = computed(() => speech.value.t);
const view = useSessionStorage<'drawing' | 'rooms' | 'systems'>('house-by', 'drawing');
const views = computed(() =>
  (['drawing', 'rooms', 'systems'] as const).map((value) => ({ value, label: t.value(`rooms.by.${value}`) })),
);
const layer = ref<Layer>('due');
const layers = computed(() => LAYERS.map((value) => ({ value, label: t.value(`section.layer.${value}`) })));
const print = (): void => {
  window.print();
};
const photos = ref<PhotoBody[]>([]);
const seasons = ref<StandingBody['lines']>([]);
const readRest = async (homeId: string): Promise<void> => {
  const params = { homeId };
  const [pictures, stands] = await Promise.all([ask('photos', { params }), ask('standing', { params })]);
  photos.value = pictures;
  seasons.value = stands.lines;
};
</script>

<template>
  <HousePage
    v-slot="{ house, upkeep, changed }"
    :title="t('house.title')"
    :lead="t('house.lead')"
    :also="readRest"
    :wide="view === 'drawing'"
  >
    <LoosePhotos
      :house="house"
      :gone="upkeep.known.gone"
      :photos="photos"
      :speech="speech"
      :may-write="home.mayWrite"
      @saved="changed"
    />
    <div class="tools no-print">
      <SelectButton
        v-model="view"
        :options="views"
        option-label="label"
        option-value="value"
        :allow-empty="false"
        :aria-label="t('house.title')"
      />
      <template v-if="view === 'drawing'">
        <SelectButton
          v-model="layer"
          :options="layers"
          option-label="label"
          option-value="value"
          :allow-empty="false"
          :aria-label="t('section.layers')"
        />
        <Button text :label="t('shell.print')" @click="print" />
      </template>
    </div>
    <DrawingView
      v-if="view === 'drawing'"
      :house="house"
      :known="upkeep.known"
      :rows="home.rows"
      :seasons="seasons"
      :layer="layer"
      :may-write="home.mayWrite"
      :speech="speech"
    />
    <SystemList
      v-else-if="view === 'systems'"
      :house="house"
      :known="upkeep.known"
      :find="home.find"
      :speech="speech"
    />
    <RoomList
      v-else
      :house="house"
      :known="upkeep.known"
      :speech="speech"
      :may-write="home.mayWrite"
      @saved="changed"
    />
  </HousePage>
</template>

<style scoped>
.tools {
  display: flex;
  flex-wrap: wrap;
  gap: 0.5rem 2rem;
  margin-bottom: calc(var(--line) / 2);
}

.tools > :last-child:not(:first-child) {
  margin-left: auto;
}
</style>
