<script setup lang="ts">
import Button from 'primevue/button';
import { computed, ref, toRef, watch } from 'vue';
import type { FactValue } from '../../../core/basics/factValue.ts';
import type { Asset } from '../../../core/house/house.ts';
import type { KnownForReading } from '../../../core/readings/fill/known.ts';
import type { Given } from '../../../core/readings/reading.ts';
import { RECORDED } from '../../../core/readings/recorded.ts';
import type { Measures } from '../../../core/readings/typed.ts';
import type { Outcome } from '../../../core/readings/verdict.ts';
import { judgedRead, readBefore, valueRead, type Read } from '../../../core/runs/readInRun.ts';
import {
  aboutText,
  optionText,
  quantityText,
  verdictWord,
  type ReadingSpeech,
} from '../../../locales/readings/readingText.ts';
import { partOf } from '../../../core/readings/entriesOf.ts';
import AppSign from '../../kit/AppSign.vue';
import StepReading from './StepReading.vue';
import { settledOf } from './runHouse.ts';

/** The measurements of a step: what was taken, with what it was before; more of them; or that it was not measured. */
const props = defineProps<{
  step: number;
  reads: readonly string[];
  assets: readonly Asset[];
  /** All measurements of this piece of work, in the order they were taken. */
  taken: readonly Read[];
  isLeftOut: boolean;
  speech: ReadingSpeech;
  measures: Measures;
  traits: Readonly<Record<string, FactValue>>;
  known: KnownForReading | null;
}>();
const emit = defineEmits<{
  read: [reading: { reading: string; asset: string; given: Given; outcome: Outcome }];
  forget: [read: Read];
  leave: [];
  takeUp: [];
}>();

const t = computed(() => props.speech.t);
const settings = (code: string) => settledOf(code, props.traits);
const kept = computed(() =>
  props.taken.flatMap((read, place) => {
    if (read.step !== props.step) return [];
    const judged = judgedRead(read, settings);
    const before = readBefore(props.taken, place);
    return [{ read, text: textOf(read, before), verdict: verdictOf(judged?.answer.outcome) }];
  }),
);
const again = ref(false);
watch(
  toRef(() => props.step),
  () => {
    again.value = false;
  },
);
const isByFloor = computed(() => kept.value.some(({ read }) => RECORDED[read.reading]?.part !== undefined));

/** A survey of the house measures other things of it, one after the other. */
const isOfOthers = computed(() =>
  kept.value.some(({ read }) => !props.assets.some(({ id }) => id === read.asset)),
);

const verdictOf = (outcome: Outcome | undefined) => (outcome?.kind === 'judged' ? outcome.verdict : null);

const nameOf = (id: string): string => props.known?.assets.find((one) => one.id === id)?.name ?? '';

/** A measurement in words: its value, where, and the value before the work. */
function textOf(read: Read, before: Read | null): string {
  const judged = judgedRead(read, settings);
  const part = judged && partOf(judged.reading, read.given);
  const title = [
    aboutText(props.speech, read.reading).title,
    ...(props.assets.length === 1 && props.assets[0]?.id === read.asset ? [] : [nameOf(read.asset)]),
    ...(part === null ? [] : [optionText(props.speech, 'floor', part)]),
  ].join(', ');
  const said = (one: Read): string => {
    const value = valueRead(one, settings);
    return value === null ? '' : quantityText(props.speech, value.value, value.unit);
  };
  const now = said(read);
  if (before && now !== '') return t.value('run.readWas', { title, now, before: said(before) });
  return now === '' ? t.value('run.readKept', { title }) : t.value('run.readValue', { title, now });
}

function keep(reading: { reading: string; asset: string; given: Given; outcome: Outcome }): void {
  again.value = false;
  emit('read', reading);
}

function correct(read: Read): void {
  again.value = true;
  emit('forget', read);
}
</script>

<template>
  <div class="readings">
    <p v-for="({ read, text, verdict }, place) in kept" :key="place" class="kept" role="status">
      <span
        ><template v-if="verdict"><AppSign :name="verdict" :label="verdictWord(verdict)" />{{ ' ' }}</template
        >{{ text }}</span
      >
      <Button text data-act="correct-reading" @click="correct(read)">{{ t('run.readCorrect') }}</Button>
    </p>
    <p v-if="kept.length === 0 && isLeftOut" class="small">
      {{ t('run.readLeft') }}
      <Button text data-act="measure" @click="emit('takeUp')">{{ t('run.readFirst') }}</Button>
    </p>
    <template v-else>
      <template v-for="measure in reads" :key="measure">
        <StepReading
          v-if="kept.length === 0 || again"
          :key="`${measure} ${kept.length}`"
          :measure="measure"
          :assets="assets"
          :speech="speech"
          :measures="measures"
          :traits="traits"
          :known="known"
          @keep="keep"
        />
      </template>
      <p>
        <Button v-if="kept.length > 0 && !again" outlined data-act="measure-again" @click="again = true">{{
          t(
            isByFloor
              ? 'run.readFloor'
              : assets.length > 1 || isOfOthers
                ? 'run.readAnother'
                : 'run.readAgain',
          )
        }}</Button>
        <Button v-if="kept.length === 0" text data-act="not-measured" @click="emit('leave')">{{
          t('run.readSkip')
        }}</Button>
      </p>
    </template>
  </div>
</template>

<style scoped>
.readings {
  display: grid;
  gap: calc(var(--line) / 2);
}

.kept {
  display: flex;
  flex-wrap: wrap;
  justify-content: space-between;
  align-items: center;
  gap: 0.25rem 1rem;
  border-bottom: 1px solid var(--rule);
}
</style>
