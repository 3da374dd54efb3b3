<script setup lang="ts">
import { computed } from 'vue';
import { useSpeech } from '../../composables/useSpeech.ts';
import HousePage from '../../parts/house/HousePage.vue';
import CoverageTable from './CoverageTable.vue';

/** Where alarms belong, and where one is missing. */
const speech = useSpeech();
const t = computed(() => speech.value.t);
</script>

<template>
  <HousePage v-slot="{ house, upkeep }" :title="t('nav.page.alarms')" :lead="t('coverage.page')">
    <CoverageTable :house="house" :known="upkeep.known" :speech="speech" />
  </HousePage>
</template>
