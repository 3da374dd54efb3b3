<script setup lang="ts">
import Button from 'primevue/button';
import { computed, ref } from 'vue';
import ChoiceField from '../../kit/ChoiceField.vue';
import FileField from '../../kit/FileField.vue';
import KitTable, { type TableColumn } from '../../kit/KitTable.vue';
import type { ClimateView } from '../../../contract/schemas.ts';
import { STATIONS } from '../../../core/climate/data/stations.ts';
import type { Climate } from '../../../core/climate/climateSchema.ts';
import type { StationClimate } from '../../../core/climate/stationClimate.ts';
import type { Home } from '../../../core/house/house.ts';
import { convert } from '../../../core/units/units.ts';
import { temperature } from '../../../locales/temperature.ts';
import { stationFaultLines } from '../../../locales/stationFaultText.ts';
import type { Speech } from '../../../locales/speech.ts';
import { readInWorker } from '../../workers/stationSeries.ts';

/** The source of the season dates: a station, or a series of days brought in from a file. */
const props = defineProps<{
  view: ClimateView;
  climate: Climate;
  speech: Speech;
  hemisphere: Home['hemisphere'];
  mayWrite: boolean;
  busy: boolean;
}>();
const emit = defineEmits<{ set: [climate: Climate] }>();

const MONTHS = Array.from({ length: 12 }, (_, month) => String(month + 1).padStart(2, '0'));
const t = computed(() => props.speech.t);
const station = ref(props.climate.station ?? '');
const reading = ref(false);
const faults = ref<string[]>([]);
const brought = ref<{ climate: StationClimate; flagged: number } | null>(null);
const figures = computed(() => props.view.figures);

const us = computed(() => props.speech.wording.units === 'us');
/** Millimetres in the home's units: tenths of an inch, or whole millimetres. */
const rain = (mm: number): string =>
  props.speech.formats.number(us.value ? Math.round(convert(mm, 'mm', 'in') * 10) / 10 : Math.round(mm));
const degreeDays = (kelvin: number): string =>
  props.speech.formats.number(Math.round(us.value ? kelvin * 1.8 : kelvin));

const monthly = computed(() => {
  const known = figures.value;
  if (!known) return [];
  return MONTHS.map((month, index) => ({
    name: props.speech.formats.monthDay(`${month}-15`).replace(/\s*15\s*/, ''),
    low: temperature(props.speech, known.low[index] ?? 0, 0),
    high: temperature(props.speech, known.high[index] ?? 0, 0),
    rain: rain(known.rain[index] ?? 0),
    heating: degreeDays(known.heatingDegreeDays[index] ?? 0),
    cooling: degreeDays(known.coolingDegreeDays[index] ?? 0),
  }));
});

function choose(): void {
  const { station: _before, ...rest } = props.climate;
  emit('set', station.value === '' ? rest : { ...rest, station: station.value });
}

async function bring(file: File): Promise<void> {
  [reading.value, faults.value, brought.value] = [true, [], null];
  try {
    const answer = await readInWorker({ text: await file.text(), hemisphere: props.hemisphere });
    if (answer.ok) brought.value = answer.value;
    else faults.value = stationFaultLines(t.value, answer.error);
  } catch (error) {
    faults.value = [t.value('stationFile.unreadable', { why: error instanceof Error ? error.message : '' })];
  } finally {
    reading.value = false;
  }
}

function use(): void {
  if (brought.value) emit('set', { ...props.climate, imported: brought.value.climate });
  brought.value = null;
}

function drop(): void {
  const { imported: _imported, ...rest } = props.climate;
  emit('set', rest);
}
const columns = computed((): TableColumn[] => [
  { field: 'name', head: t.value('almanac.month') },
  { field: 'low', head: t.value('almanac.low'), number: true },
  { field: 'high', head: t.value('almanac.high'), number: true },
  { field: 'rain', head: t.value('almanac.rainFell', { unit: us.value ? 'in' : 'mm' }), number: true },
  { field: 'heating', head: t.value('almanac.heatingDays', { unit: us.value ? '°F' : '°C' }), number: true },
  { field: 'cooling', head: t.value('almanac.coolingDays', { unit: us.value ? '°F' : '°C' }), number: true },
]);
</script>

<template>
  <section class="almanac-part" :aria-label="t('almanac.source')">
    <h2>{{ t('almanac.source') }}</h2>
    <p>
      {{
        figures
          ? t('almanac.rests', {
              name: figures.name,
              from: figures.rests.from,
              to: figures.rests.to,
              winters: figures.rests.winters,
            })
          : t('almanac.nothing')
      }}
    </p>
    <form v-if="mayWrite" class="form no-print" novalidate @submit.prevent="choose">
      <ChoiceField
        v-model="station"
        :label="t('almanac.station')"
        :hint="t('almanac.stationHint')"
        :options="[
          { value: '', label: t('almanac.noStation') },
          ...STATIONS.map((one) => ({ value: one.code, label: one.name })),
        ]"
      />
      <p class="actions">
        <Button type="submit" :disabled="busy">{{ t('almanac.useStation') }}</Button>
      </p>
      <FileField
        name="climate"
        :label="t('almanac.file')"
        :choose="t('record.chooseFile')"
        accept=".csv,text/csv"
        :hint="t('almanac.fileHint')"
        :disabled="reading"
        @chosen="bring"
      />
      <div role="status">
        <p v-if="reading">{{ t('almanac.reading') }}</p>
        <div v-if="faults.length > 0" class="notice wrong">
          <p>{{ t('almanac.refused') }}</p>
          <p v-for="fault in faults" :key="fault" class="small">{{ fault }}</p>
        </div>
        <template v-if="brought">
          <p>
            {{
              t('almanac.brought', {
                name: brought.climate.name,
                days: speech.formats.number(brought.climate.rests.days),
                winters: brought.climate.rests.winters,
                flagged: brought.flagged,
              })
            }}
          </p>
          <p class="actions">
            <Button outlined :disabled="busy" @click="use">{{ t('almanac.use') }}</Button>
            <Button text @click="brought = null">{{ t('shell.cancel') }}</Button>
          </p>
        </template>
        <p v-if="climate.imported" class="actions">
          <Button text :disabled="busy" @click="drop">{{ t('almanac.dropImported') }}</Button>
        </p>
      </div>
    </form>
    <details v-if="monthly.length > 0">
      <summary>{{ t('almanac.months') }}</summary>
      <KitTable :rows="monthly" :columns="columns" row-key="name" :label="t('almanac.months')" empty="">
        <template #line="{ row }">
          <p>
            <strong>{{ row.name }}</strong> {{ row.low }} – {{ row.high }}
          </p>
          <p class="soft small">
            {{
              columns
                .slice(3)
                .map(({ field, head }) => `${head}: ${row[field as keyof typeof row]}`)
                .join(' · ')
            }}
          </p>
        </template>
      </KitTable>
    </details>
  </section>
</template>

<style scoped>
.form {
  max-width: 36rem;
  margin: var(--line) 0;
}
</style>
