<script setup lang="ts">
import Checkbox from 'primevue/checkbox';
import InputText from 'primevue/inputtext';
import Select from 'primevue/select';
import { computed, useId } from 'vue';
import BlockChoice from './BlockChoice.vue';
import FieldRow from './FieldRow.vue';
import type { FilledIn } from '../../core/readings/fill/known.ts';
import type { Field, Reading } from '../../core/readings/reading.ts';
import { askedUnit, type Measures, type Typed, type TypedProblem } from '../../core/readings/typed.ts';
import { filledText } from '../../locales/readings/filledText.ts';
import {
  fieldText,
  optionText,
  problemText,
  quantityText,
  unitSymbol,
  unreadableText,
  type ReadingSpeech,
} from '../../locales/readings/readingText.ts';

/** The fields of a reading, to type in: a value may be written with any unit of its kind. What the house knows stands there already. */
const props = defineProps<{
  reading: Reading;
  speech: ReadingSpeech;
  measures: Measures;
  problems: readonly { field: string; problem: TypedProblem; limit?: number }[];
  /** The content of the fields: the text that was typed, else the value that was filled in. */
  standing: Typed;
  /** The fields that are filled in, and from where. */
  filled?: Readonly<Record<string, FilledIn>>;
  nameOf?: (asset: string) => string;
  /** Fields that are not asked for here. */
  without?: readonly string[];
}>();
const typed = defineModel<Typed>({ required: true });

const group = useId();
const asked = computed((): [string, Field][] =>
  Object.entries(props.reading.fields).filter(([code]) => !props.without?.includes(code)),
);
/** Of a measurement, a number that has a usual value is seldom changed: those are folded. In a sum every number matters. */
const isFolded = ([code, field]: [string, Field]): boolean =>
  props.reading.recorded !== undefined &&
  (field.kind === 'number' || field.kind === 'quantity') &&
  field.otherwise !== undefined &&
  props.filled?.[code] === undefined;
const groups = computed(() => {
  const folded = asked.value.filter(isFolded);
  const first = { isFolded: false, fields: asked.value.filter((one) => !isFolded(one)) };
  return folded.length > 0 ? [first, { isFolded: true, fields: folded }] : [first];
});
/** A folded field that was typed in, or is wrong, shows. */
const isOpen = computed(() =>
  asked.value.some(
    (one) =>
      isFolded(one) &&
      ((typed.value[one[0]] ?? '') !== '' || props.problems.some(({ field }) => field === one[0])),
  ),
);
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

function hintOf(code: string, field: Field): string | undefined {
  const from = props.filled?.[code];
  if (from && typed.value[code] === undefined)
    return filledText(props.speech, from.from, props.nameOf ?? ((id) => id));
  if (field.kind !== 'quantity' && field.kind !== 'number') return undefined;
  if (field.optional) return props.speech.t('bench.optional');
  if (field.otherwise === undefined || field.otherwise === 0) return undefined;
  if (field.kind === 'number') return undefined;
  return props.speech.t('bench.usually', { n: quantityText(props.speech, field.otherwise, field.unit) });
}

/** Choices of a field as they are read. */
const optionsOf = (code: string, field: Extract<Field, { kind: 'choice' }>) =>
  field.options.map((option) => ({ value: option, text: optionText(props.speech, code, option) }));

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
  <component
    :is="part.isFolded ? 'details' : 'div'"
    v-for="part in groups"
    :key="String(part.isFolded)"
    :open="part.isFolded ? isOpen : undefined"
  >
    <summary v-if="part.isFolded">{{ speech.t('bench.more', { n: part.fields.length }) }}</summary>
    <div class="fields">
      <template v-for="[code, field] in part.fields" :key="code">
        <label v-if="field.kind === 'yesNo'" class="yes">
          <Checkbox
            binary
            :model-value="standing[code] === 'yes'"
            :name="code"
            @update:model-value="set(code, $event ? 'yes' : '')"
          /><span
            >{{ fieldText(speech, code)
            }}<span v-if="hintOf(code, field)" class="soft small"> ({{ hintOf(code, field) }})</span></span
          >
        </label>
        <fieldset v-else-if="field.kind === 'choice' && field.otherwise === undefined" class="open">
          <legend>{{ labelOf(code, field) }}</legend>
          <div class="options">
            <BlockChoice
              v-for="option in optionsOf(code, field)"
              :key="option.value"
              kind="radio"
              :name="`${group} ${code}`"
              :value="option.value"
              :model-value="standing[code] === option.value"
              @update:model-value="set(code, option.value)"
              >{{ option.text }}</BlockChoice
            >
          </div>
          <p v-if="hintOf(code, field)" class="soft small">{{ hintOf(code, field) }}</p>
          <p v-if="errorOf(code, field)" class="error small" role="alert">{{ errorOf(code, field) }}</p>
        </fieldset>
        <FieldRow
          v-else
          v-slot="{ id, describedBy, invalid }"
          :label="labelOf(code, field)"
          :hint="hintOf(code, field)"
          :error="errorOf(code, field)"
        >
          <Select
            v-if="field.kind === 'choice'"
            :label-id="id"
            :aria-label="labelOf(code, field)"
            :model-value="standing[code] || field.otherwise"
            :options="optionsOf(code, field)"
            option-label="text"
            option-value="value"
            :aria-describedby="describedBy"
            :invalid="invalid === true"
            @update:model-value="set(code, $event)"
          />
          <InputText
            v-else
            :id="id"
            :model-value="standing[code] ?? ''"
            autocomplete="off"
            inputmode="text"
            :aria-describedby="describedBy"
            :aria-invalid="invalid"
            @update:model-value="set(code, $event ?? '')"
          />
        </FieldRow>
      </template>
    </div>
  </component>
</template>

<style scoped>
.fields {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(11.5rem, 1fr));
  gap: calc(var(--line) * 0.5) 1.25rem;
  align-items: start;
}

.open {
  grid-column: 1 / -1;
}

legend {
  font-family: var(--face);
  font-size: 1rem;
  font-weight: 600;
}

.options {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(min(15rem, 100%), 1fr));
  gap: 0.375rem;
}

.error {
  color: var(--rust);
}

.yes {
  display: flex;
  align-items: center;
  min-height: 2.75rem;
  gap: 0.5rem;
}
</style>
