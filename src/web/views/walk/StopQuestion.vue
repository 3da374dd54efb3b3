<script setup lang="ts">
import { Minus, Plus } from 'lucide-vue-next';
import Button from 'primevue/button';
import InputText from 'primevue/inputtext';
import Select from 'primevue/select';
import { computed, useId } from 'vue';
import {
  drawingOfAnswer,
  drawingOfQuestion,
  hasPictures,
} from '../../../core/catalogue/drawings/ofAnswer.ts';
import type { CivilDate } from '../../../core/calendar/civilDate.ts';
import { rememberedOptions } from '../../../core/walkthrough/lastDone.ts';
import type { Given } from '../../../core/walkthrough/given.ts';
import { readTypedNumber } from '../../../core/units/typedNumber.ts';
import { assertNever } from '../../../core/basics/result.ts';
import { optionsOf, type Answer, type Question } from '../../../core/walkthrough/question.ts';
import { optionName, rememberedText } from '../../../locales/walkNames.ts';
import type { Speech } from '../../../locales/speech.ts';
import { countryOptions } from '../../parts/place/countries.ts';
import LazyDrawing from '../../drawings/LazyDrawing.vue';
import BlockChoice from '../../kit/BlockChoice.vue';

/** One question of a stop: its choices as blocks, a count, a date off a label, or when something was last done. */
const props = defineProps<{
  question: Question;
  given: Given;
  speech: Speech;
  error: string;
  on: CivilDate;
  hemisphere: 'north' | 'south';
}>();
const answer = defineModel<Answer>({ required: true });

/** Stands for nothing said in a list, which has no empty value. */
const UNKNOWN = '?';
/** Questions whose answer means more than it says. */
const HINTED: ReadonlySet<string> = new Set(['does', 'grade', 'senses-co', 'hours-a-week']);
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
    case 'text':
    case 'lastDone':
    case 'country':
      return [];
  }
  return assertNever(question);
});
const about = computed(() => drawingOfQuestion(props.question.code));
const pictureOf = (value: string | boolean | null) =>
  typeof value === 'string' ? drawingOfAnswer(props.question.code, value) : null;
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

function typedText(value: string | undefined): void {
  const text = (value ?? '').trim();
  answer.value = text === '' ? null : text;
}

const times = computed(() => [
  { value: UNKNOWN, text: t.value('walk.unknown') },
  ...rememberedOptions(props.hemisphere, props.on).map((value) => ({
    value,
    text: rememberedText(props.speech, value),
  })),
  { value: 'never', text: t.value('walk.when.never') },
]);
</script>

<template>
  <fieldset class="question" :data-question="question.code">
    <legend :id="id">{{ t(`walk.q.${question.code}`) }}</legend>
    <p v-if="HINTED.has(question.code)" class="soft small">{{ t(`walk.hint.${question.code}`) }}</p>
    <LazyDrawing v-if="about" class="about" :name="about" :wording="speech.wording" />
    <div v-if="singles.length > 0" class="blocks" :class="{ pictured: hasPictures(question.code) }">
      <BlockChoice
        v-for="single in singles"
        :key="String(single.value)"
        kind="radio"
        :name="id"
        :value="String(single.value ?? '')"
        :model-value="answer === single.value"
        @update:model-value="answer = single.value"
        ><span :class="{ soft: single.value === null }">{{ single.text }}</span
        ><template v-if="pictureOf(single.value)" #picture
          ><LazyDrawing
            class="picture"
            :name="pictureOf(single.value)!"
            :wording="speech.wording"
            bare /></template
      ></BlockChoice>
    </div>
    <div
      v-else-if="question.kind === 'several'"
      class="blocks"
      :class="{ pictured: hasPictures(question.code) }"
    >
      <BlockChoice
        v-for="option in options"
        :key="option"
        kind="checkbox"
        :name="id"
        :value="option"
        :model-value="several.includes(option)"
        @update:model-value="toggle(option, $event)"
        >{{ optionName(speech, question, option, given)
        }}<template v-if="pictureOf(option)" #picture
          ><LazyDrawing class="picture" :name="pictureOf(option)!" :wording="speech.wording" bare /></template
      ></BlockChoice>
    </div>
    <div v-else-if="question.kind === 'count'" class="count">
      <Button outlined :aria-label="t('walk.fewer')" :disabled="count <= question.min" @click="step(-1)"
        ><Minus :size="20" aria-hidden="true"
      /></Button>
      <InputText
        inputmode="numeric"
        :aria-labelledby="id"
        :model-value="String(count)"
        maxlength="3"
        @change="typedCount"
      />
      <Button outlined :aria-label="t('walk.more')" :disabled="count >= question.max" @click="step(1)"
        ><Plus :size="20" aria-hidden="true"
      /></Button>
    </div>
    <Select
      v-else-if="question.kind === 'lastDone'"
      class="when"
      :model-value="answer ?? UNKNOWN"
      :options="times"
      option-label="text"
      option-value="value"
      :aria-labelledby="id"
      @update:model-value="answer = $event === UNKNOWN ? null : $event"
    />
    <Select
      v-else-if="question.kind === 'country'"
      class="when"
      filter
      :model-value="answer ?? UNKNOWN"
      :options="[{ value: UNKNOWN, text: t('walk.unknown') }, ...countryOptions(speech.wording.vocabulary)]"
      option-label="text"
      option-value="value"
      :aria-labelledby="id"
      @update:model-value="answer = $event === UNKNOWN ? null : $event"
    />
    <template v-else>
      <InputText
        class="made"
        :inputmode="question.kind === 'made' ? 'numeric' : 'text'"
        :aria-labelledby="id"
        :aria-describedby="`${id}-hint`"
        :aria-invalid="error !== '' || undefined"
        :model-value="typeof answer === 'string' ? answer : ''"
        :maxlength="question.kind === 'text' ? question.max : 10"
        @update:model-value="typedText"
      />
      <p
        :id="`${id}-hint`"
        class="small"
        :class="error ? 'wrong' : 'soft'"
        :role="error ? 'alert' : undefined"
      >
        {{ error || t(question.kind === 'text' ? `walk.hint.${question.code}` : 'walk.made') }}
      </p>
    </template>
  </fieldset>
</template>

<style scoped>
legend {
  margin-bottom: 0.25rem;
}

.blocks {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(11rem, 1fr));
  gap: 0.375rem;
}

/* A picture stands over its words; an answer without one keeps its height. */
.pictured :deep(.block) {
  flex-wrap: wrap;
  align-content: space-between;
}

.pictured :deep(.words) {
  flex: 1;
}

.about {
  max-width: 20rem;
  margin-bottom: calc(var(--line) / 2);
}

.picture {
  order: -1;
  flex-basis: 100%;
}

.count {
  display: flex;
  align-items: center;
  gap: 0.375rem;
}

.count .k-button {
  width: 3rem;
  min-height: 3rem;
  justify-content: center;
}

.count .k-input {
  width: 4rem;
  min-height: 3rem;
  text-align: center;
  font-size: 1.5rem;
}

.when {
  width: 100%;
  max-width: 20rem;
}

.made {
  max-width: 14rem;
  min-height: 3rem;
}

.wrong {
  color: var(--rust);
}

/* A field reached by key or press does not hide behind the bar at the bottom. */
.question :deep(:is(.k-button, .k-input, .k-check-input, .block)) {
  scroll-margin-bottom: 9rem;
}

@media (max-width: 30rem) {
  .blocks {
    grid-template-columns: 1fr 1fr;
  }
}
</style>
