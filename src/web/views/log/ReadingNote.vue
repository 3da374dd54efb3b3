<script setup lang="ts">
import { v7 as uuid } from 'uuid';
import { computed, ref, toRef, watch } from 'vue';
import ChoiceField from '../../kit/ChoiceField.vue';
import ReadingOutcome from '../../kit/ReadingOutcome.vue';
import ReadingInputs from '../../parts/reading/ReadingInputs.vue';
import type { CivilDate } from '../../../core/calendar/civilDate.ts';
import type { AssetKind } from '../../../core/basics/assetKind.ts';
import { readingOf } from '../../../core/readings/all.ts';
import { readingEntries } from '../../../core/readings/entriesOf.ts';
import { readingsOfKind } from '../../../core/readings/recorded.ts';
import { settledBy } from '../../../core/readings/settled.ts';
import { aboutText } from '../../../locales/readings/readingText.ts';
import { askOutlook, useKnownForReading } from '../../composables/useKnownForReading.ts';
import { useReadingForm } from '../../composables/useReadingForm.ts';
import { useReadings } from '../../composables/useReadings.ts';
import { useHome } from '../../stores/home.ts';

/** A reading of a thing, judged while it is typed, and what it will leave in the ledger. */
const props = defineProps<{ kind: AssetKind; asset: string }>();
const code = defineModel<string>('code', { required: true });

const home = useHome();
const { speech, measures, traits, known: body, loadKnown } = useReadings();
const t = computed(() => speech.value.t);
const choices = computed(() =>
  readingsOfKind(props.kind).map((one) => ({ code: one, title: aboutText(speech.value, one).title })),
);
if (!choices.value.some((one) => one.code === code.value)) code.value = choices.value[0]?.code ?? '';

// Without a connection what the home has settled is not known: it is judged by the usual schools.
loadKnown(home.house?.home.id ?? '').catch(() => undefined);

const reading = computed(() => readingOf(code.value) ?? null);
const settled = computed(() => (reading.value ? settledBy(reading.value, traits.value) : {}));
const outlook = ref<Awaited<ReturnType<typeof askOutlook>>>([]);
void askOutlook(home.house?.home.id ?? '').then((days) => {
  outlook.value = days;
});
const known = useKnownForReading(body, outlook, ref(null), ref([]));
const { typed, filled, standing, answer, problems, asked } = useReadingForm(
  reading,
  toRef(() => props.asset),
  known,
  measures,
  settled,
);
watch(code, () => {
  typed.value = {};
  asked.value = false;
});
const outcome = computed(() => answer.value?.outcome ?? null);

/** The entries it makes on a day; null where something is missing or wrong, which then stands at its field. */
function entriesOn(date: CivilDate, note: string | undefined) {
  asked.value = true;
  if (!reading.value || !answer.value) return null;
  return readingEntries(reading.value, props.asset, answer.value, { date, makeId: uuid, note });
}
defineExpose({ entriesOn });
</script>

<template>
  <fieldset class="reading">
    <ChoiceField
      v-model="code"
      :label="t('noteReading.what')"
      :options="[
        ...choices.map((one) => ({ value: one.code, label: one.title })),
        { value: '', label: t('noteReading.other') },
      ]"
    />
    <template v-if="reading">
      <ReadingInputs
        v-model="typed"
        :reading="reading"
        :speech="speech"
        :measures="measures"
        :problems="problems"
        :standing="standing"
        :filled="filled"
        :name-of="(id) => known?.assets.find((one) => one.id === id)?.name ?? ''"
      />
      <div v-if="outcome" class="told" aria-live="polite">
        <ReadingOutcome :outcome="outcome" :reading="reading" :speech="speech" />
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
