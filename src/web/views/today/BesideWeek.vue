<script setup lang="ts">
import { computed } from 'vue';
import type { ClimateView, HouseBody, OpenFindingBody, StandingBody } from '../../../contract/schemas.ts';
import { outlookSays } from '../../../core/climate/outlookSays.ts';
import { useSpeech } from '../../composables/useSpeech.ts';
import ShutList from '../../parts/season/ShutList.vue';
import { openToFrost } from '../../parts/season/seasonLines.ts';
import { useHome } from '../../stores/home.ts';
import CallOrOrder from './CallOrOrder.vue';
import HaveTime from './HaveTime.vue';
import OpenProblems from './OpenProblems.vue';

/** The lists beside the tasks of Today: time to spare, open problems, whom to call and what to order, what is shut off. */
const props = defineProps<{
  standing: StandingBody;
  house: HouseBody;
  climate: ClimateView | null;
  busy: boolean;
}>();
const emit = defineEmits<{
  close: [finding: OpenFindingBody];
  turn: [asset: string, state: string, kind: 'shut' | 'opened', text: string];
}>();

const home = useHome();
const speech = useSpeech();
const problems = computed(() => props.standing.findings.filter(({ verdict }) => verdict !== 'stop'));
/** The season questions that the weather does not ask already. */
const asked = computed(
  () =>
    new Set(
      props.climate && outlookSays(props.climate.outlook).frost
        ? openToFrost(props.standing.lines).map(({ asset, state }) => `${asset} ${state}`)
        : [],
    ),
);
</script>

<template>
  <aside :aria-label="speech.t('today.beside')">
    <HaveTime :house="house" :speech="speech" />
    <OpenProblems :findings="problems" :speech="speech" @close="emit('close', $event)" />
    <CallOrOrder :covers="standing.covers" :speech="speech" />
    <ShutList
      :lines="standing.lines"
      :marks="standing.marks"
      :house="house"
      :speech="speech"
      :may-write="home.mayWrite"
      :busy="busy"
      :asked="asked"
      @turn="(...of) => emit('turn', ...of)"
    />
    <slot />
  </aside>
</template>
