<script setup lang="ts">
import { computed } from 'vue';
import { ROUTES } from '../../../contract/routes.ts';
import { useSpeech } from '../../composables/useSpeech.ts';
import { addressOf } from '../../device/address.ts';
import HousePage from '../../parts/house/HousePage.vue';
import { useHome } from '../../stores/home.ts';
import EraseHome from './EraseHome.vue';
import TraitsSection from './TraitsSection.vue';

/** The home as it is, its file, and its end. */
const home = useHome();
const speech = useSpeech();
const t = computed(() => speech.value.t);
const fileName = (name: string, ending: 'zip' | 'json'): string =>
  `${name.replace(/[^\p{L}\p{N}]+/gu, '-').toLowerCase()}.${ending}`;
</script>

<template>
  <HousePage v-slot="{ house, upkeep, changed }" :title="t('house.about')" :lead="t('house.aboutLead')">
    <TraitsSection
      :house="house"
      :upkeep="upkeep"
      :speech="speech"
      :may-write="home.mayWrite"
      @saved="changed"
    />
    <section :aria-label="t('house.file')" class="no-print">
      <h2>{{ t('house.file') }}</h2>
      <p>{{ t('house.fileLead') }}</p>
      <p>
        <a
          :href="addressOf(ROUTES.houseZip.path, { params: { homeId: house.home.id } })"
          :download="fileName(house.home.name, 'zip')"
          >{{ t('house.download') }}</a
        >
      </p>
      <p>
        <a
          :href="addressOf(ROUTES.houseFile.path, { params: { homeId: house.home.id } })"
          :download="fileName(house.home.name, 'json')"
          >{{ t('house.downloadPlain') }}</a
        >
      </p>
      <p v-if="house.origin" class="soft small origin">
        {{ t('house.origin', { home: house.origin.homeId, hash: house.origin.lastHash ?? '–' }) }}
      </p>
    </section>
    <EraseHome v-if="house.role === 'owner'" :home-id="house.home.id" :home-name="house.home.name" />
  </HousePage>
</template>

<style scoped>
.origin {
  overflow-wrap: anywhere;
}
</style>
