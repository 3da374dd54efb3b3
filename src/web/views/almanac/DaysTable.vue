<script setup lang="ts">
import { computed, defineAsyncComponent } from 'vue';
import type { ClimateView } from '../../../contract/schemas.ts';
import { HARD_FREEZE, type WeatherDay } from '../../../core/climate/weather.ts';
import { FREEZING } from '../../../core/climate/freezeRisk.ts';
import { weatherWords } from '../../../locales/weatherText.ts';
import { temperature } from '../../../locales/temperature.ts';
import { inHomeUnits } from '../../../core/units/quantity.ts';
import { convert } from '../../../core/units/units.ts';
import { daysOption, type DaysInput } from '../../kit/charts/daysOption.ts';
import { unitSymbol } from '../../../locales/readings/readingText.ts';
import { dateText, type Speech } from '../../../locales/speech.ts';

/** The last week's weather and the ten days of forecast; a night of frost is named, not only coloured. */
const props = defineProps<{ view: ClimateView; speech: Speech }>();
const t = computed(() => props.speech.t);

const days = computed(() => [
  ...props.view.passed.map((day) => line(day, true)),
  ...props.view.outlook.map((day) => line(day, false)),
]);

const KitChart = defineAsyncComponent(() => import('../../kit/charts/KitChart.vue'));
/** The same days for the chart, in the home's units. */
const chart = computed((): DaysInput => {
  const { view, speech } = props;
  const { units } = speech.wording;
  const degrees = (value: number | undefined): number | null =>
    value === undefined ? null : inHomeUnits({ value, unit: 'C' }, units).value;
  return {
    days: [...view.passed, ...view.outlook].map((day) => ({
      name: day.date === view.on ? t.value('almanac.today') : dateText(speech, day.date).replace(/, .*/, ''),
      low: degrees(day.low),
      high: degrees(day.high),
      rain: units === 'us' ? Math.round(convert(day.rain ?? 0, 'mm', 'in') * 100) / 100 : (day.rain ?? 0),
      frost: day.low !== undefined && day.low <= FREEZING,
    })),
    freezing: degrees(FREEZING) ?? 0,
    unit: unitSymbol(inHomeUnits({ value: 0, unit: 'C' }, units).unit),
    rainUnit: units === 'us' ? 'in' : 'mm',
    number: (value) => speech.formats.number(Math.round(value * 10) / 10),
  };
});

function line(day: WeatherDay, passed: boolean) {
  const degrees = (value: number | undefined): string =>
    value === undefined ? '' : temperature(props.speech, value, 0);
  const frost = day.low === undefined || day.low > FREEZING ? '' : day.low <= HARD_FREEZE ? 'hard' : 'light';
  return {
    date: day.date,
    passed,
    today: day.date === props.view.on,
    name: day.date === props.view.on ? t.value('almanac.today') : dateText(props.speech, day.date),
    low: degrees(day.low),
    high: degrees(day.high),
    frost,
    words: weatherWords(props.speech, day),
  };
}
</script>

<template>
  <section class="almanac-part" :aria-label="t('almanac.days')">
    <h2>{{ t('almanac.days') }}</h2>
    <p v-if="days.length === 0" class="soft">{{ t('almanac.noDays') }}</p>
    <template v-else>
      <KitChart
        :build="(inks) => daysOption(chart, inks)"
        :label="t('almanac.chart.days')"
        :height="16"
        class="strip"
      />
      <details class="small" :open="false">
        <summary>{{ t('almanac.asTable') }}</summary>
        <table class="figures">
          <thead>
            <tr>
              <th scope="col">{{ t('almanac.day') }}</th>
              <th scope="col" class="number">{{ t('almanac.low') }}</th>
              <th scope="col" class="number">{{ t('almanac.high') }}</th>
              <th scope="col">{{ t('almanac.weather') }}</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="day in days" :key="day.date" :class="{ passed: day.passed, today: day.today }">
              <td class="day">{{ day.name }}</td>
              <td class="number">{{ day.low }}</td>
              <td class="number">{{ day.high }}</td>
              <td>
                <strong v-if="day.frost" class="frost">{{ t(`almanac.frost.${day.frost}`) }}</strong>{{
                  day.frost && day.words ? ', ' : ''
                }}{{ day.words }}
              </td>
            </tr>
          </tbody>
        </table>
      </details>
    </template>
  </section>
</template>

<style scoped>
.strip {
  min-height: 16rem;
}

.passed {
  color: var(--soft);
}

.today td {
  border-top: 3px double var(--rule);
  font-weight: 600;
}

.frost {
  color: var(--rust);
}
</style>
