<script setup lang="ts">
import ChoiceField from './ChoiceField.vue';
import TextField from './TextField.vue';
import type { Field, Reading } from '../../core/readings/reading.ts';
import { askedUnit, type Measures, type Typed, type TypedProblem } from '../../core/readings/typed.ts';
import {
  fieldText,
  optionText,
  problemText,
  quantityText,
  unitSymbol,
  unreadableText,
  type ReadingSpeech,
} from '../../locales/readings/readingText.ts';

/** The fields of a reading, to type in: a value may be written with any unit of its kind. */
const props = defineProps<{
  reading: Reading;
  speech: ReadingSpeech;
  measures: Measures;
  problems: readonly { field: string; problem: TypedProblem; limit?: number }[];
  /** Fields that are not asked for here. */
  without?: readonly string[];
}>();
const typed = defineModel<Typed>({ required: true });

const shown = (): [string, Field][] =>
  Object.entries(props.reading.fields).filter(([code]) => !props.without?.includes(code));
const unitOf = (field: Field): string => {
  const unit = askedUnit(field, props.measures);
  return unit === '' ? '' : unitSymbol(unit);
};
const set = (code: string, text: string): void => {
  typed.value = { ...typed.value, [code]: text };
};

function labelOf(code: string, field: Field): string {
  const unit = unitOf(field);
  const name = fieldText(props.speech, code);
  return unit === '' ? name : `${name}, ${unit}`;
}

function hintOf(field: Field): string | undefined {
  if (field.kind !== 'quantity' && field.kind !== 'number') return undefined;
  if (field.optional) return props.speech.t('bench.optional');
  if (field.otherwise === undefined || field.otherwise === 0) return undefined;
  if (field.kind === 'number') return undefined;
  return props.speech.t('bench.usually', { n: quantityText(props.speech, field.otherwise, field.unit) });
}

function errorOf(code: string, field: Field): string | undefined {
  const found = props.problems.find((one) => one.field === code);
  if (!found) return undefined;
  const { problem, limit } = found;
  if (problem === 'ambiguous-comma' || problem === 'unit-unknown' || problem === 'unit-of-something-else')
    return unreadableText(problem, askedUnit(field, props.measures));
  if (problem === 'number' && field.kind === 'quantity')
    return unreadableText('number', askedUnit(field, props.measures));
  const unit = field.kind === 'quantity' ? field.unit : '';
  return problemText(props.speech, { problem, ...(limit !== undefined && { limit }) }, unit);
}
</script>

<template>
  <div class="fields">
    <template v-for="[code, field] in shown()" :key="code">
      <label v-if="field.kind === 'yesNo'" class="yes">
        <input
          type="checkbox"
          :checked="typed[code] === 'yes'"
          @change="set(code, ($event.target as HTMLInputElement).checked ? 'yes' : '')"
        />{{ fieldText(speech, code) }}
      </label>
      <ChoiceField
        v-else-if="field.kind === 'choice'"
        :label="labelOf(code, field)"
        :error="errorOf(code, field)"
        :model-value="typed[code] ?? field.otherwise ?? ''"
        @update:model-value="set(code, $event)"
      >
        <option v-if="field.otherwise === undefined" value="">{{ speech.t('note.choose') }}</option>
        <option v-for="option in field.options" :key="option" :value="option">
          {{ optionText(speech, code, option) }}
        </option>
      </ChoiceField>
      <TextField
        v-else
        :label="labelOf(code, field)"
        :hint="hintOf(field)"
        :error="errorOf(code, field)"
        :model-value="typed[code] ?? ''"
        autocomplete="off"
        inputmode="text"
        @update:model-value="set(code, $event)"
      />
    </template>
  </div>
</template>

<style scoped>
.fields {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(11.5rem, 1fr));
  gap: calc(var(--line) * 0.5) 1.25rem;
  align-items: start;
}

.yes {
  display: flex;
  align-items: baseline;
}

.yes input {
  flex: none;
}
</style>
