<script setup lang="ts">
import { computed } from 'vue';
import type { EntryBody } from '../../../core/ledger/entry.ts';
import { judgedAgain, readingOfEntry } from '../../../core/readings/judgedAgain.ts';
import type { Field, Given } from '../../../core/readings/reading.ts';
import {
  becauseText,
  fieldText,
  optionText,
  quantityText,
  schoolText,
  type ReadingSpeech,
} from '../../../locales/readings/readingText.ts';

/** The grounds of the result of a measurement: all that was put in, the approach it was judged by, and why. */
const props = defineProps<{
  body: Extract<EntryBody, { kind: 'reading' | 'finding' }>;
  speech: ReadingSpeech;
}>();

const t = computed(() => props.speech.t);
const reading = computed(() => readingOfEntry(props.body));
const school = computed(() => (props.body.kind === 'reading' ? props.body.judged?.school : undefined));
const lines = computed(() =>
  Object.entries(props.body.given ?? {}).map(([code, value]) => ({
    code,
    name: fieldText(props.speech, code),
    text: valueText(code, reading.value?.fields[code], value),
  })),
);
/** The reasons of today’s reckoning, where it comes to what was written then. */
const why = computed(() =>
  (judgedAgain(props.body)?.parts ?? []).map(({ because }) => becauseText(props.speech, because)),
);

function valueText(code: string, field: Field | undefined, value: NonNullable<Given[string]>): string {
  if (typeof value === 'boolean') return t.value(value ? 'factYes' : 'factNo');
  if (typeof value === 'object') return quantityText(props.speech, value.value, value.unit);
  return field?.kind === 'choice' ? optionText(props.speech, code, String(value)) : String(value);
}
</script>

<template>
  <div class="reached small">
    <dl>
      <div v-for="line in lines" :key="line.code">
        <dt class="soft">{{ line.name }}</dt>
        <dd>{{ line.text }}</dd>
      </div>
      <div v-if="school">
        <dt class="soft">{{ t('bench.school') }}</dt>
        <dd>{{ schoolText(speech, school) }}</dd>
      </div>
    </dl>
    <p v-for="line in why" :key="line">{{ line }}</p>
  </div>
</template>

<style scoped>
.reached {
  padding-left: 0.75rem;
  border-left: 1px solid var(--rule);
}

dl {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(min(18rem, 100%), 1fr));
  gap: 0 1.5rem;
}

dl div {
  display: flex;
  justify-content: space-between;
  gap: 0.75rem;
}

dd {
  text-align: right;
}
</style>
