<script setup lang="ts">
import { computed, useId } from 'vue';
import type { Given } from '../../../core/walkthrough/given.ts';
import { readTypedNumber } from '../../../core/units/typedNumber.ts';
import { assertNever } from '../../../core/basics/result.ts';
import { optionsOf, type Answer, type Question } from '../../../core/walkthrough/question.ts';
import { optionName } from '../../../locales/walkNames.ts';
import type { Speech } from '../../../locales/speech.ts';
import BlockChoice from './BlockChoice.vue';

/** One question of a stop: its choices as blocks, a count, or a date off a label. */
const props = defineProps<{ question: Question; given: Given; speech: Speech; error: string }>();
const answer = defineModel<Answer>({ required: true });

const id = useId();
const t = computed(() => props.speech.t);
const options = computed(() => optionsOf(props.question, props.given));
/** Of these one is chosen; that nobody knows yet is always among them. */
const singles = computed((): { value: string | boolean | null; text: string }[] => {
  const unknown = { value: null, text: t.value('walk.unknown') };
  const { question, speech, given } = props;
  switch (question.kind) {
    case 'choice':
      return [
        ...options.value.map((option) => ({
          value: option,
          text: optionName(speech, question, option, given),
        })),
        unknown,
      ];
    case 'yesNo':
      return [{ value: true, text: t.value('factYes') }, { value: false, text: t.value('factNo') }, unknown];
    case 'several':
    case 'count':
    case 'made':
      return [];
  }
  return assertNever(question);
});
const several = computed(() => (Array.isArray(answer.value) ? (answer.value as readonly string[]) : []));
const count = computed(() => (typeof answer.value === 'number' ? answer.value : 0));

function toggle(option: string, on: boolean): void {
  const others = several.value.filter((one) => one !== option);
  answer.value = on ? options.value.filter((one) => one === option || others.includes(one)) : others;
}

function step(by: number): void {
  const { question } = props;
  if (question.kind !== 'count') return;
  answer.value = Math.min(question.max, Math.max(question.min, count.value + by));
}

function typedCount(event: Event): void {
  const { question } = props;
  const read = readTypedNumber((event.target as HTMLInputElement).value);
  if (question.kind === 'count' && read.ok)
    answer.value = Math.min(question.max, Math.max(question.min, Math.round(read.value)));
}

function typedDate(event: Event): void {
  const text = (event.target as HTMLInputElement).value.trim();
  answer.value = text === '' ? null : text;
}
</script>

<template>
  <fieldset class="question" :data-question="question.code">
    <legend :id="id">{{ t(`walk.q.${question.code}`) }}</legend>
    <div v-if="singles.length > 0" class="blocks">
      <BlockChoice
        v-for="single in singles"
        :key="String(single.value)"
        kind="radio"
        :name="id"
        :value="String(single.value ?? '')"
        :model-value="answer === single.value"
        @update:model-value="answer = single.value"
        ><span :class="{ soft: single.value === null }">{{ single.text }}</span></BlockChoice
      >
    </div>
    <div v-else-if="question.kind === 'several'" class="blocks">
      <BlockChoice
        v-for="option in options"
        :key="option"
        kind="checkbox"
        :name="id"
        :value="option"
        :model-value="several.includes(option)"
        @update:model-value="toggle(option, $event)"
        >{{ optionName(speech, question, option, given) }}</BlockChoice
      >
    </div>
    <div v-else-if="question.kind === 'count'" class="count">
      <button type="button" :disabled="count <= question.min" @click="step(-1)">
        <span aria-hidden="true">−</span><span class="unseen">{{ t('walk.fewer') }}</span>
      </button>
      <input
        type="text"
        inputmode="numeric"
        :aria-labelledby="id"
        :value="count"
        maxlength="3"
        @change="typedCount"
      />
      <button type="button" :disabled="count >= question.max" @click="step(1)">
        <span aria-hidden="true">+</span><span class="unseen">{{ t('walk.more') }}</span>
      </button>
    </div>
    <template v-else>
      <input
        class="made"
        type="text"
        inputmode="numeric"
        :aria-labelledby="id"
        :aria-describedby="`${id}-hint`"
        :aria-invalid="error !== '' || undefined"
        :value="answer ?? ''"
        maxlength="10"
        @input="typedDate"
      />
      <p
        :id="`${id}-hint`"
        class="small"
        :class="error ? 'wrong' : 'soft'"
        :role="error ? 'alert' : undefined"
      >
        {{ error || t('walk.made') }}
      </p>
    </template>
  </fieldset>
</template>

<style scoped>
.question + .question {
  margin-top: var(--line);
}

legend {
  margin-bottom: 0.25rem;
}

.blocks {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(11rem, 1fr));
  gap: 0.375rem;
}

.count {
  display: flex;
  align-items: center;
  gap: 0.375rem;
}

.count button {
  width: 3rem;
  min-height: 3rem;
  border: 1px solid var(--rule);
  font-size: 1.5rem;
  text-decoration: none;
}

.count input {
  width: 4rem;
  min-height: 3rem;
  text-align: center;
  font-size: 1.5rem;
}

.made {
  max-width: 12rem;
  min-height: 3rem;
}

.wrong {
  color: var(--rust);
}

@media (max-width: 30rem) {
  .blocks {
    grid-template-columns: 1fr 1fr;
  }
}
</style>
