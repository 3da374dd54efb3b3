<script setup lang="ts">
import { useSessionStorage } from '@vueuse/core';
import SelectButton from 'primevue/selectbutton';
import { computed, ref } from 'vue';
import type { PhotoBody } from '../../../contract/photos.ts';
import { useSpeech } from '../../composables/useSpeech.ts';
import { ask } from '../../device/ask.ts';
import HousePage from '../../parts/house/HousePage.vue';
import { useHome } from '../../stores/home.ts';
import LoosePhotos from './LoosePhotos.vue';
import RoomList from './RoomList.vue';
import SystemList from './SystemList.vue';

/** The things of a home, by room or by system. */
const home = useHome();
const speech = useSpeech();
const t = computed(() => speech.value.t);
const view = useSessionStorage<'rooms' | 'systems'>('house-by', 'rooms');
const views = computed(() =>
  (['rooms', 'systems'] as const).map((value) => ({ value, label: t.value(`rooms.by.${value}`) })),
);
const photos = ref<PhotoBody[]>([]);
const readPhotos = async (homeId: string): Promise<void> => {
  photos.value = await ask('photos', { params: { homeId } });
};
</script>

<template>
  <HousePage
    v-slot="{ house, upkeep, changed }"
    :title="t('house.title')"
    :lead="t('house.lead')"
    :also="readPhotos"
  >
    <LoosePhotos
      :house="house"
      :gone="upkeep.known.gone"
      :photos="photos"
      :speech="speech"
      :may-write="home.mayWrite"
      @saved="changed"
    />
    <SelectButton
      v-model="view"
      class="no-print by"
      :options="views"
      option-label="label"
      option-value="value"
      :allow-empty="false"
      :aria-label="t('house.title')"
    />
    <SystemList
      v-if="view === 'systems'"
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
.by {
  margin-bottom: var(--line);
}
</style>
