<script setup lang="ts">
import { defineAsyncComponent } from 'vue';
import type { DrawingName } from '../../core/catalogue/drawings/names.ts';
import type { Speech } from '../../locales/speech.ts';

/** A drawing whose room is kept while the drawings are on their way: they are fetched with the first that is shown. */
defineProps<{ name: DrawingName; wording: Speech['wording']; bare?: boolean }>();
const DrawingFigure = defineAsyncComponent(() => import('./DrawingFigure.vue'));
const DrawingSvg = defineAsyncComponent(() => import('./DrawingSvg.vue'));
</script>

<template>
  <div class="room" :class="{ bare }">
    <DrawingSvg v-if="bare" :key="name" :name="name" :wording="wording" bare />
    <DrawingFigure v-else :name="name" :wording="wording" />
  </div>
</template>

<style scoped>
.room {
  width: 100%;
  min-width: 0;
  max-width: 28rem;
  aspect-ratio: 360 / 230;
}

/* With its caption a drawing may be higher than its picture: then the room grows. */
.room:not(.bare) {
  aspect-ratio: 360 / 270;
}
</style>
