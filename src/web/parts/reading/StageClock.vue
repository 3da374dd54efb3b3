<script setup lang="ts">
import { useNow } from '@vueuse/core';
import Button from 'primevue/button';
import { computed, ref } from 'vue';
import {
  FURNACE_STAGES,
  TIMED_STAGES,
  timeOf,
  type FurnaceStage,
} from '../../../core/readings/furnaceStart.ts';
import type { Typed } from '../../../core/readings/typed.ts';
import { optionText, type ReadingSpeech } from '../../../locales/readings/readingText.ts';

/** A stopwatch for the stages of a furnace’s start: one tap when heat is called for, one for each stage that comes. */
const props = defineProps<{ typed: Typed; isMissing: boolean; speech: ReadingSpeech }>();
const emit = defineEmits<{ change: [typed: Typed] }>();

const t = computed(() => props.speech.t);
type Stage = (typeof TIMED_STAGES)[number];
const began = ref<number | null>(null);
/** The last stage that came while the clock runs: it is judged only once nothing more is to come. */
const reached = ref<FurnaceStage | null>(null);
const now = useNow({ interval: 200 });
const last = computed(() =>
  FURNACE_STAGES.indexOf((reached.value ?? props.typed['last-seen']) as FurnaceStage),
);
const seconds = computed(() =>
  began.value === null ? 0 : Math.max(0, Math.round((now.value.getTime() - began.value) / 1_000)),
);
const came = (stage: FurnaceStage): boolean => FURNACE_STAGES.indexOf(stage) <= last.value;

/** Begins anew: what was timed before is taken away. */
function start(): void {
  began.value = Date.now();
  reached.value = 'call';
  emit('change', {
    ...Object.fromEntries(TIMED_STAGES.map((stage) => [timeOf(stage), ''])),
    'last-seen': '',
  });
}

/** A stage that comes: those before it came as well. Without a running clock it is the last that came. */
function mark(stage: Stage): void {
  if (began.value === null) {
    emit('change', { 'last-seen': stage });
    return;
  }
  const time = { [timeOf(stage)]: String(seconds.value) };
  if (stage === 'steady') end(time, stage);
  else {
    reached.value = stage;
    emit('change', time);
  }
}

/** Nothing more comes: the clock stops, and what was seen is judged. */
function end(time: Typed = {}, stage = reached.value): void {
  emit('change', { ...time, 'last-seen': stage ?? 'none' });
  began.value = null;
  reached.value = null;
}
</script>

<template>
  <fieldset class="clock">
    <legend>{{ t('clock.title') }}</legend>
    <p class="small">{{ t('clock.lead') }}</p>
    <p class="ways">
      <Button v-if="began === null" data-act="call-for-heat" @click="start">{{
        last >= 0 ? t('clock.again') : t('clock.start')
      }}</Button>
      <template v-else>
        <span role="timer" class="running">{{ t('clock.running', { n: seconds }) }}</span>
        <Button outlined data-act="clock-end" @click="end()">{{ t('clock.end') }}</Button>
      </template>
    </p>
    <ol>
      <li v-for="stage in TIMED_STAGES" :key="stage" :class="{ came: came(stage) }">
        <Button outlined :data-stage="stage" :aria-pressed="came(stage)" @click="mark(stage)">{{
          optionText(speech, 'last-seen', stage)
        }}</Button>
        <span v-if="typed[timeOf(stage)]" class="at">{{
          t('clock.at', { n: typed[timeOf(stage)] ?? '' })
        }}</span>
        <span v-else-if="came(stage)" class="soft small">{{ t('clock.came') }}</span>
      </li>
    </ol>
    <p>
      <Button v-if="began === null" text data-stage="none" @click="emit('change', { 'last-seen': 'none' })">{{
        t('clock.none')
      }}</Button>
    </p>
    <p v-if="typed['last-seen'] === 'none'" class="small" role="status">{{ t('clock.noneKept') }}</p>
    <p v-if="isMissing" class="error small" role="alert">{{ t('clock.missing') }}</p>
  </fieldset>
</template>

<style scoped>
.clock {
  display: grid;
  gap: 0.5rem;
}

legend {
  font-size: 1.125rem;
  font-weight: 600;
}

.ways {
  display: flex;
  flex-wrap: wrap;
  gap: 0.5rem 1rem;
  align-items: center;
}

.running {
  font-family: var(--serif);
  font-size: 1.5rem;
  font-variant-numeric: tabular-nums;
}

ol {
  display: grid;
  padding: 0;
  list-style: none;
}

li {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 6rem;
  gap: 0.75rem;
  align-items: center;
  padding: 0.125rem 0;
  border-top: 1px solid var(--rule);
}

li :deep(button) {
  justify-content: flex-start;
  width: 100%;
  min-height: 2.75rem;
  border: 0;
  background: none;
  color: var(--ink);
  text-align: left;
}

li :deep(button:hover) {
  text-decoration: underline;
}

li.came :deep(button) {
  border-left: 6px double var(--brine);
  font-weight: 600;
}

.at {
  font-variant-numeric: tabular-nums;
}

.error {
  color: var(--rust);
}
</style>
