<script setup lang="ts">
import { computed } from 'vue';
import AppSign from '../../kit/AppSign.vue';
import KitTable, { type TableColumn } from '../../kit/KitTable.vue';
import KitChart from '../../kit/charts/KitChart.vue';
import { seriesOption, type ChartInput } from '../../kit/charts/seriesOption.ts';
import type { SeriesBody } from '../../../contract/schemas.ts';
import type { CivilDate } from '../../../core/calendar/civilDate.ts';
import { daysToGrey } from '../../../core/readings/projections.ts';
import {
  enteredText,
  optionText,
  quantityText,
  schoolText,
  unitSymbol,
  verdictWord,
  type ReadingSpeech,
} from '../../../locales/readings/readingText.ts';
import { capital, dateText, nameIn } from '../../../locales/speech.ts';
import { drawSeries, type DrawnSeries } from './readingChart.ts';

/** Everything read of one thing, over time: the band that applied then, and where it goes. */
const props = defineProps<{ body: SeriesBody; root: string; name: string; speech: ReadingSpeech }>();

const t = computed(() => props.speech.t);
type Drawn = DrawnSeries;

function inputOf(drawn: Drawn): ChartInput {
  return {
    ...drawn,
    unit: unitSymbol(drawn.unit),
    date: (date) => dateText(props.speech, date).replace(/^\w+,? /, ''),
    number: (value) => props.speech.formats.number(value),
  };
}

/** Where the readings go, as a sentence; nothing where no projection is defined. */
function forwardText(measure: string, drawn: Drawn, points: SeriesBody['series'][number]): string[] {
  const forward = drawn.projected;
  if (measure === 'filter-grade') {
    const grey = daysToGrey(points.points, points.restarts);
    return grey === null
      ? []
      : [t.value('series.grey', { n: grey.days, least: grey.least, most: grey.most })];
  }
  if (!forward) return [];
  const unit = measure === 'temperature-split' ? 'dF' : measure === 'crack-width' ? 'mm' : 'in';
  const show = (value: number): string => quantityText(props.speech, value, unit);
  const { line, reaches } = forward;
  const rate = t.value('series.grows', {
    n: show(line.perDay * 365),
    least: show(line.least * 365),
    most: show(line.most * 365),
  });
  const limit = show(reaches.limit);
  const on = (date: CivilDate | null): string => (date === null ? '' : dateText(props.speech, date));
  if (reaches.expected === null) return [rate, t.value('series.steady', { limit })];
  const dates = {
    limit,
    expected: on(reaches.expected),
    earliest: on(reaches.earliest),
    latest: on(reaches.latest),
  };
  return [rate, t.value(reaches.latest === null ? 'series.reachesOpen' : 'series.reaches', dates)];
}

const shown = computed(() =>
  props.body.series
    .filter(({ asset }) => asset === props.root)
    .map((one) => {
      const drawn = drawSeries(one, props.body.settled, props.body.on, props.speech.wording.units);
      const title = [
        capital(nameIn(props.speech, 'measure', one.measure)),
        ...(one.part === null ? [] : [optionText(props.speech, 'floor', one.part)]),
      ].join(', ');
      const [first, last] = [one.points[0], one.points.at(-1)];
      return {
        key: `${one.measure} ${one.part ?? ''}`,
        measure: one.measure,
        title,
        chart: inputOf(drawn),
        label: t.value('series.aria', {
          measure: title,
          name: props.name,
          n: one.points.length,
          from: first ? dateText(props.speech, first.date) : '',
          to: last ? dateText(props.speech, last.date) : '',
        }),
        says: [
          ...(drawn.school === null
            ? []
            : [t.value('series.bandIs', { school: schoolText(props.speech, drawn.school) })]),
          ...(drawn.changes > 0 ? [t.value('series.bandsWere')] : []),
          ...forwardText(one.measure, drawn, one),
        ],
        rows: [...one.points].reverse().map((point) => ({
          id: point.entryId,
          date: dateText(props.speech, point.date),
          value: enteredText(props.speech, point.value, point.unit),
          verdict: point.verdict,
          school: point.school === null ? '' : schoolText(props.speech, point.school),
        })),
      };
    }),
);
const columns = computed((): TableColumn[] => [
  { field: 'date', head: t.value('series.date') },
  { field: 'value', head: t.value('series.value') },
  { field: 'verdict', head: t.value('series.verdict') },
  { field: 'school', head: t.value('series.school') },
]);
</script>

<template>
  <section v-if="shown.length > 0" :aria-label="t('series.title')">
    <h2>{{ t('series.title') }}</h2>
    <figure v-for="one in shown" :key="one.key" :data-series="one.measure">
      <figcaption>{{ one.title }}</figcaption>
      <KitChart
        v-if="one.rows.length > 1"
        :build="(inks) => seriesOption(one.chart, inks)"
        :label="one.label"
      />
      <p v-for="text in one.says" :key="text" class="small">{{ text }}</p>
      <details class="small">
        <summary>{{ t('series.table') }}</summary>
        <KitTable :rows="one.rows" :columns="columns" row-key="id" :label="one.title" empty="">
          <template #cell="{ row, field }">
            <template v-if="field === 'verdict'"
              ><template v-if="row.verdict"
                ><AppSign :name="row.verdict" />{{ ' ' }}{{ verdictWord(row.verdict) }}</template
              ></template
            >
            <template v-else>{{ row[field as 'date' | 'value' | 'school'] }}</template>
          </template>
          <template #line="{ row }">
            <p>
              <strong>{{ row.value }}</strong>{{ ' '
              }}<template v-if="row.verdict"
                ><AppSign :name="row.verdict" />{{ ' ' }}{{ verdictWord(row.verdict) }}</template
              >
            </p>
            <p class="soft small">{{ [row.date, row.school].filter((text) => text !== '').join(' · ') }}</p>
          </template>
        </KitTable>
      </details>
    </figure>
  </section>
</template>

<style scoped>
figure + figure {
  margin-top: var(--line);
}

figcaption {
  font-weight: 600;
}
</style>
