<script setup lang="ts">
import { computed } from 'vue';
import Button from 'primevue/button';
import PracticeDrawings from '../../drawings/PracticeDrawings.vue';
import StepList from '../../kit/StepList.vue';
import type { HouseBody } from '../../../contract/schemas.ts';
import type { KnownBody } from '../../../contract/known.ts';
import type { WeatherDay } from '../../../core/climate/weather.ts';
import { drawingsOfPractice } from '../../../core/catalogue/drawings/ofPractice.ts';
import { gatheringOf } from '../../../core/runs/gather.ts';
import type { RunState } from '../../../core/runs/runState.ts';
import { words, type Speech } from '../../../locales/speech.ts';
import { useHome } from '../../stores/home.ts';
import GatherPanel from './GatherPanel.vue';
import { gatherFromOf, itemThings, itemTitle } from './runHouse.ts';

/** The steps of some work before it is begun: looking at them starts nothing. */
const props = defineProps<{
  plan: RunState;
  house: HouseBody;
  known: KnownBody;
  outlook: readonly WeatherDay[];
  mayWrite: boolean;
  speech: Speech;
}>();
const emit = defineEmits<{ begin: []; back: [] }>();
const gathered = defineModel<string[]>('gathered', { required: true });

const t = computed(() => props.speech.t);
const home = useHome();
const gathering = computed(() => gatheringOf(props.plan, gatherFromOf(home, props.known)));
const items = computed(() =>
  props.plan.items.map((item) => ({
    key: item.key,
    title: itemTitle(item, props.house, props.speech),
    things: itemThings(item, props.house, props.speech),
    why: item.practice === null ? '' : words(props.speech, home.find(item.practice)?.why ?? ''),
    drawings: drawingsOfPractice(item.practice ?? ''),
    steps: (item.practice === null ? [] : (home.find(item.practice)?.steps ?? [])).filter(
      ({ at }) => at !== 'later',
    ),
  })),
);
</script>

<template>
  <section class="preview" data-test="preview">
    <p class="soft">{{ t('run.previewLead') }}</p>
    <GatherPanel
      v-model="gathered"
      :gathering="gathering"
      :speech="speech"
      :house="house"
      :outlook="outlook"
      :may-write="mayWrite"
      @begin="emit('begin')"
    />
    <article v-for="item in items" :key="item.key">
      <h2>{{ item.title }}</h2>
      <p v-if="item.things" class="soft">{{ t('run.on', { names: item.things }) }}</p>
      <p>{{ item.why }}</p>
      <PracticeDrawings :names="item.drawings" :speech="speech" />
      <StepList :steps="item.steps" :speech="speech" />
    </article>
    <p>
      <Button v-if="mayWrite && items.length > 1" data-act="begin-below" @click="emit('begin')">{{
        t('run.begin')
      }}</Button>
      <Button text data-act="preview-back" @click="emit('back')">{{ t('shell.cancel') }}</Button>
    </p>
  </section>
</template>

<style scoped>
.preview,
article {
  display: grid;
  gap: calc(var(--line) / 2);
}

article {
  padding-top: calc(var(--line) / 2);
  border-top: 1px solid var(--rule);
}
</style>
