<script setup lang="ts">
import { v7 as uuid } from 'uuid';
import { computed, ref, watch } from 'vue';
import ChoiceField from '../../kit/ChoiceField.vue';
import ReadingFields from '../../kit/ReadingFields.vue';
import ReadingOutcome from '../../kit/ReadingOutcome.vue';
import type { CivilDate } from '../../../core/calendar/civilDate.ts';
import type { AssetKind } from '../../../core/basics/assetKind.ts';
import { readingOf } from '../../../core/readings/all.ts';
import { readingEntries } from '../../../core/readings/entriesOf.ts';
import { readingsOfKind } from '../../../core/readings/recorded.ts';
import { settledBy } from '../../../core/readings/settled.ts';
import type { Typed } from '../../../core/readings/typed.ts';
import { aboutText } from '../../../locales/readings/readingText.ts';
import { useJudging } from '../../composables/useJudging.ts';
import { useReadings } from '../../composables/useReadings.ts';
import { useHome } from '../../stores/home.ts';

/** A reading of a thing, judged while it is typed, and what it will leave in the ledger. */
const props = defineProps<{ kind: AssetKind; asset: string }>();
const code = defineModel<string>('code', { required: true });

const home = useHome();
const { speech, measures, traits, loadKnown } = useReadings();
const t = computed(() => speech.value.t);
const typed = ref<Typed>({});
const choices = computed(() =>
  readingsOfKind(props.kind).map((one) => ({ code: one, title: aboutText(speech.value, one).title })),
);
code.value = choices.value[0]?.code ?? '';
watch(code, () => {
  typed.value = {};
  asked.value = false;
});

// Without a connection what the home has settled is not known: it is judged by the usual schools.
loadKnown(home.house?.home.id ?? '').catch(() => undefined);

const reading = computed(() => readingOf(code.value) ?? null);
const settled = computed(() => (reading.value ? settledBy(reading.value, traits.value) : {}));
const { answer, problems, asked } = useJudging(reading, typed, measures, settled);
const outcome = computed(() => answer.value?.outcome ?? null);

/** The entries it makes on a day; null where something is missing or wrong, which then stands at its field. */
function entriesOn(date: CivilDate, note: string | undefined) {
  asked.value = true;
  if (!reading.value || !answer.value) return null;
  return readingEntries(reading.value, props.asset, answer.value, date, uuid, note);
}
defineExpose({ entriesOn });
</script>

<template>
  <fieldset class="reading">
    <ChoiceField v-model="code" :label="t('noteReading.what')">
      <option v-for="one in choices" :key="one.code" :value="one.code">{{ one.title }}</option>
      <option value="">{{ t('noteReading.other') }}</option>
    </ChoiceField>
    <template v-if="reading">
      <ReadingFields
        v-model="typed"
        :reading="reading"
        :speech="speech"
        :measures="measures"
        :problems="problems"
      />
      <div v-if="outcome" class="told" aria-live="polite">
        <ReadingOutcome :outcome="outcome" :speech="speech" />
        <p v-if="outcome.kind === 'judged' && outcome.verdict !== 'sound'" class="soft small">
          {{ t('noteReading.leadsTo') }}
        </p>
      </div>
    </template>
  </fieldset>
</template>

<style scoped>
.reading {
  display: grid;
  gap: calc(var(--line) * 0.75);
}

.told {
  padding: calc(var(--line) / 2) 0;
  border-top: 1px solid var(--rule);
  border-bottom: 1px solid var(--rule);
}
</style>
