<script setup lang="ts">
import { computed } from 'vue';
import type { KnownForReading } from '../../../core/readings/fill/known.ts';
import type { Practice } from '../../../core/practice/practice.ts';
import { useSpeech } from '../../composables/useSpeech.ts';
import SumSheet from '../reading/SumSheet.vue';

/** The saving of doing some work oneself against a quote, with the hours it usually takes. */
const props = defineProps<{ practice: Practice }>();
const speech = useSpeech();
/** Only the work itself is known here: the rest is the person’s own. */
const known = computed((): KnownForReading => ({
  today: speech.value.today,
  assets: [],
  spaces: [],
  factsOf: () => ({}),
  traits: {},
  lastRead: [],
  lastDone: [],
  stock: {},
  lowestAhead: null,
  work: { practice: props.practice.code, minutes: props.practice.minutes },
}));
</script>

<template>
  <SumSheet code="own-work" :title="speech.t('practices.ownWork')" :known="known" />
</template>
