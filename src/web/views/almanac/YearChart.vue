<script setup lang="ts">
import { computed, defineAsyncComponent } from 'vue';
import { civil, toDay } from '../../../core/calendar/civilDate.ts';
import { dailyFromMonthly } from '../../../core/climate/yearCurve.ts';
import { FREEZING } from '../../../core/climate/freezeRisk.ts';
import type { SpanOfYear, StationClimate } from '../../../core/climate/stationClimate.ts';
import type { ClimateView } from '../../../contract/schemas.ts';
import { inHomeUnits } from '../../../core/units/quantity.ts';
import { yearOption, type Stretch, type YearInput } from '../../kit/charts/yearOption.ts';
import { unitSymbol } from '../../../locales/readings/readingText.ts';
import type { Speech } from '../../../locales/speech.ts';

/** The year at this home as a chart: usual temperatures, when it may freeze, heating and cooling, leaf fall, and today. */
const props = defineProps<{ view: ClimateView; figures: StationClimate; speech: Speech }>();
const KitChart = defineAsyncComponent(() => import('../../kit/charts/KitChart.vue'));
const t = computed(() => props.speech.t);

/** The place in the common year, from 0, of a month and day. */
const placeOf = (monthDay: string): number =>
  toDay(civil(`2025-${monthDay === '02-29' ? '02-28' : monthDay}`)) - toDay(civil('2025-01-01'));
const inUnits = (celsius: number): number =>
  inHomeUnits({ value: celsius, unit: 'C' }, props.speech.wording.units).value;
/** The day a season turns, as this home has it: set by hand, or of its climate. */
const turn = (key: string): number | null => {
  const on = props.view.seasons.find((season) => season.key === key)?.on;
  return on === undefined || on === null ? null : placeOf(on.slice(-5));
};
const YEAR_END = 364;
function spanOf(kind: 'heating' | 'cooling', span: SpanOfYear): Stretch[] {
  const name = t.value(`almanac.chart.${kind}`);
  if (span === 'never') return [];
  if (span === 'always') return [{ name, kind, from: 0, to: YEAR_END }];
  return [{ name, kind, from: placeOf(span.start), to: placeOf(span.end) }];
}
/** From the first day on which one winter in ten has frozen to the last. */
const frost = computed((): Stretch[] => {
  const [first, last] = [turn('firstFreeze'), turn('lastFreeze')];
  return first === null || last === null
    ? []
    : [{ name: t.value('almanac.chart.frost'), kind: 'frost', from: first, to: last }];
});
const months = Array.from({ length: 12 }, (_, month) => String(month + 1).padStart(2, '0'));
const input = computed((): YearInput => {
  const { figures, view, speech } = props;
  const leafFall = turn('leafFall');
  const monthName = (day: number): string => {
    const at = Math.min(11, Math.floor(day / 30.42));
    return speech.formats
      .month(civil(`2025-${months[at] ?? '01'}-01`))
      .replace(/\s*\d{4}$/, '')
      .slice(0, 3);
  };
  return {
    days: Array.from({ length: YEAR_END + 1 }, (_, day) => monthName(day)),
    low: dailyFromMonthly(figures.low).map(inUnits),
    high: dailyFromMonthly(figures.high).map(inUnits),
    stretches: [...spanOf('heating', figures.heating), ...spanOf('cooling', figures.cooling), ...frost.value],
    marks: [
      ...(leafFall === null
        ? []
        : [{ name: t.value('almanac.chart.leafFall'), day: leafFall, isToday: false }]),
      { name: t.value('almanac.today'), day: placeOf(view.on.slice(5)), isToday: true },
    ],
    unit: unitSymbol(inHomeUnits({ value: 0, unit: 'C' }, speech.wording.units).unit),
    freezing: inUnits(FREEZING),
    number: (value) => speech.formats.number(Math.round(value)),
  };
});
</script>

<template>
  <section class="almanac-part" :aria-label="t('almanac.chart.title')">
    <h2>{{ t('almanac.chart.title') }}</h2>
    <figure class="year-chart">
      <KitChart :build="(inks) => yearOption(input, inks)" :label="t('almanac.chart.label')" :height="18" />
      <figcaption class="soft small">{{ t('almanac.chart.says') }}</figcaption>
    </figure>
  </section>
</template>

<style scoped>
.year-chart {
  min-height: 18rem;
  margin: 0;
}
</style>
