<script setup lang="ts">
import Button from 'primevue/button';
import { defineAsyncComponent, ref } from 'vue';
import type { House } from '../../../core/house/house.ts';
import type { Speech } from '../../../locales/speech.ts';

/** The best use of some time, and the five tasks that matter most: worked out when somebody asks. */
defineProps<{ house: House; speech: Speech }>();

const TimeDrawer = defineAsyncComponent(() => import('./TimeDrawer.vue'));
const TIMES = [30, 60, 120];
/** The minutes somebody has, or that the five are asked for. */
const asked = ref<number | 'five' | null>(null);
</script>

<template>
  <section class="no-print" :aria-label="speech.t('today.iHave')">
    <h2>{{ speech.t('today.iHave') }}</h2>
    <p class="ways">
      <Button
        v-for="time in TIMES"
        :key="time"
        outlined
        size="small"
        :data-act="`time-${time}`"
        :label="speech.formats.hours(time)"
        @click="asked = time"
      />
    </p>
    <p><Button text data-act="five" :label="speech.t('today.five')" @click="asked = 'five'" /></p>
    <TimeDrawer v-if="asked" :asked="asked" :house="house" :speech="speech" @close="asked = null" />
  </section>
</template>
