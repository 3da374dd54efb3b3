<script setup lang="ts">
import { computed, useId } from 'vue';
import type { Given } from '../../../core/walkthrough/given.ts';
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
  const value = Math.round(Number((event.target as HTMLInputElement).value));
  if (question.kind === 'count' && Number.isFinite(value))
    answer.value = Math.min(question.max, Math.max(question.min, value));
}

function typedDate(event: Event): void {
  const text = (event.target as HTMLInputElement).value.trim();
  answer.value = text === '' ? null : text;
}
</script>

<template>
  <fieldset class="question" :data-question="question.code">
    <legend :id="id">{{ t(`walk.q.${question.code}`) }}</legend>
    <div v-if="question.kind === 'choice'" class="blocks">
      <BlockChoice
        v-for="option in options"
        :key="option"
        kind="radio"
        :name="id"
        :value="option"
        :model-value="answer === option"
        @update:model-value="answer = option"
        >{{ optionName(speech, question, option, given) }}</BlockChoice
      >
      <BlockChoice
        kind="radio"
        :name="id"
        value=""
        :model-value="answer === null"
        @update:model-value="answer = null"
        ><span class="soft">{{ t('walk.unknown') }}</span></BlockChoice
      >
    </div>
    <div v-else-if="question.kind === 'yesNo'" class="blocks">
      <BlockChoice
        kind="radio"
        :name="id"
        value="yes"
        :model-value="answer === true"
        @update:model-value="answer = true"
        >{{ t('factYes') }}</BlockChoice
      >
      <BlockChoice
        kind="radio"
        :name="id"
        value="no"
        :model-value="answer === false"
        @update:model-value="answer = false"
        >{{ t('factNo') }}</BlockChoice
      >
      <BlockChoice
        kind="radio"
        :name="id"
        value=""
        :model-value="answer === null"
        @update:model-value="answer = null"
        ><span class="soft">{{ t('walk.unknown') }}</span></BlockChoice
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
