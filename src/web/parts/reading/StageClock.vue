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
const began = ref<number | null>(null);
const now = useNow({ interval: 200 });
const stages = FURNACE_STAGES.filter((stage) => stage !== 'call');
const last = computed(() => FURNACE_STAGES.indexOf(props.typed['last-seen'] as FurnaceStage));
const isOver = computed(() => props.typed['last-seen'] === 'steady');
const seconds = computed(() =>
  began.value === null ? 0 : Math.max(0, Math.round((now.value.getTime() - began.value) / 1_000)),
);
const fieldOf = (stage: (typeof TIMED_STAGES)[number]): string => timeOf(stage);
const came = (stage: FurnaceStage): boolean => FURNACE_STAGES.indexOf(stage) <= last.value;

/** Begins anew: what was timed before is taken away. */
function start(): void {
  began.value = Date.now();
  emit('change', {
    ...Object.fromEntries(TIMED_STAGES.map((stage) => [fieldOf(stage), ''])),
    'last-seen': 'call',
  });
}

/** A stage that comes: those before it came as well. Without a running clock only that it came is kept. */
function mark(stage: (typeof TIMED_STAGES)[number]): void {
  emit('change', {
    'last-seen': stage,
    ...(began.value !== null && { [fieldOf(stage)]: String(seconds.value) }),
  });
}
</script>

<template>
  <fieldset class="clock">
    <legend>{{ t('clock.title') }}</legend>
    <p class="small">{{ t('clock.lead') }}</p>
    <p class="ways">
      <Button :outlined="began !== null" data-act="call-for-heat" @click="start">{{
        began === null ? t('clock.start') : t('clock.again')
      }}</Button>
      <span v-if="began !== null && !isOver" role="timer" class="running">{{
        t('clock.running', { n: seconds })
      }}</span>
    </p>
    <ol>
      <li v-for="stage in stages" :key="stage" :class="{ came: came(stage) }">
        <Button outlined :data-stage="stage" :aria-pressed="came(stage)" @click="mark(stage)">{{
          optionText(speech, 'last-seen', stage)
        }}</Button>
        <span v-if="typed[fieldOf(stage)]" class="at">{{
          t('clock.at', { n: typed[fieldOf(stage)] ?? '' })
        }}</span>
        <span v-else-if="came(stage)" class="soft small">{{ t('clock.came') }}</span>
      </li>
    </ol>
    <p>
      <Button text data-stage="none" @click="emit('change', { 'last-seen': 'none' })">{{
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
  text-align: left;
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
