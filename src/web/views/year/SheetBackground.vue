<script setup lang="ts">
import { computed } from 'vue';
import type { CivilDate } from '../../../core/calendar/civilDate.ts';
import { toDay } from '../../../core/calendar/civilDate.ts';
import type { WeatherDay } from '../../../core/climate/weather.ts';
import type { PracticeSystem } from '../../../core/practice/lists.ts';
import { temperature } from '../../../locales/temperature.ts';
import type { Speech } from '../../../locales/speech.ts';
import { weatherWords } from '../../../locales/weatherText.ts';
import { SYSTEM_ICONS } from '../../kit/icons.ts';
import type { ShownPlan } from '../../parts/plan/usePlan.ts';
import { LABELS, type Scale } from './sheetScale.ts';

/** Everything that stands still behind the marks: months, systems, seasons, the ten days' weather, and today. */
const props = defineProps<{
  shown: ShownPlan;
  scale: Scale;
  rows: readonly PracticeSystem[];
  rowHeight: number;
  head: number;
  /** Room below the rows, for the hours. */
  tail: number;
  speech: Speech;
}>();

const bottom = computed(() => props.head + props.rows.length * props.rowHeight);
const cut = (x: number): number => Math.min(props.scale.right, Math.max(props.scale.left, x));

interface Band {
  readonly x: number;
  readonly width: number;
  readonly text: string;
}

/** The bands of a season on the sheet, each with its words where there is room. */
function bandsOf(
  spans: readonly (readonly [CivilDate, CivilDate])[],
  words: (from: CivilDate, to: CivilDate) => string,
): Band[] {
  return spans.flatMap(([from, to]): Band[] => {
    const x = cut(props.scale.ofDate(from));
    const width = cut(props.scale.ofDay(toDay(to) + 1)) - x;
    return width <= 0 ? [] : [{ x, width, text: width > 150 ? words(from, to) : '' }];
  });
}
const day = (date: CivilDate): string => props.speech.formats.monthDay(date.slice(5));
const frost = computed(() =>
  bandsOf(props.shown.body.seasons.freezing, (from, to) =>
    from <= props.speech.today
      ? props.speech.t('plan.frostUntil', { day: day(to) })
      : props.speech.t('plan.frostFrom', { day: day(from) }),
  ),
);
const cooling = computed(() =>
  bandsOf(props.shown.body.seasons.cooling, () => props.speech.t('plan.coolingSeason')),
);
const heating = computed(() => bandsOf(props.shown.body.seasons.heating, () => ''));
const days = computed(() =>
  props.shown.body.outlook
    .map((one) => ({
      ...one,
      x: props.scale.ofDate(one.date),
      width: props.scale.perWeek / 7,
      freezes: (one.low ?? 1) < 0,
      wet: Math.min(10, (one.rain ?? 0) / 1.5),
    }))
    .filter(({ x }) => x >= props.scale.left && x < props.scale.right),
);
/** The day, its low and high, and what else it brings, in the home's units. */
function dayText(one: WeatherDay): string {
  const { formats, today: now } = props.speech;
  const degrees = [one.low, one.high].flatMap((value) =>
    value === undefined ? [] : [temperature(props.speech, value, 0)],
  );
  return [formats.date(one.date, now), degrees.join(' – '), weatherWords(props.speech, one)]
    .filter(Boolean)
    .join(', ');
}
const today = computed(() => props.scale.ofDay(props.shown.toPlan.weeks.today));
</script>

<template>
  <g class="ground">
    <g aria-hidden="true">
      <rect
        v-for="band in frost"
        :key="`f${band.x}`"
        class="frost"
        :x="band.x"
        :y="head"
        :width="band.width"
        :height="bottom - head"
      />
      <rect
        v-for="band in cooling"
        :key="`c${band.x}`"
        class="warm"
        :x="band.x"
        :y="head"
        :width="band.width"
        :height="bottom - head"
      />
      <rect
        v-for="band in heating"
        :key="`h${band.x}`"
        class="heating"
        :x="band.x"
        :y="head - 3"
        :width="band.width"
        height="3"
      />
    </g>
    <text
      v-for="band in [...frost, ...cooling]"
      :key="`t${band.x}`"
      class="season"
      :x="band.x + 6"
      :y="head - 7"
    >
      {{ band.text }}
    </text>
    <g v-for="month in scale.months" :key="month.date">
      <path class="rule" :d="`M${month.x} 18V${bottom + tail}`" />
      <text class="month" :x="month.x + 4" y="14">{{ speech.formats.month(month.date).split(' ')[0] }}</text>
    </g>
    <g v-for="one in days" :key="one.date" class="day">
      <rect
        v-if="one.freezes"
        class="cold"
        :x="one.x"
        y="20"
        :width="Math.max(1, one.width - 1)"
        height="4"
      />
      <rect
        v-if="one.wet > 0.3"
        class="rain"
        :x="one.x"
        :y="36 - one.wet"
        :width="Math.max(1, one.width - 1)"
        :height="one.wet"
      />
      <title>
        {{ dayText(one) }}
      </title>
    </g>
    <g v-for="(system, index) in rows" :key="system">
      <path class="rule" :d="`M0 ${head + (index + 1) * rowHeight}H${scale.right}`" />
      <component
        :is="SYSTEM_ICONS[system]"
        :size="18"
        x="0"
        :y="head + index * rowHeight + rowHeight / 2 - 9"
        aria-hidden="true"
      />
      <text class="system" x="26" :y="head + index * rowHeight + rowHeight / 2 + 4">
        {{ speech.t(`system.${system}`) }}
      </text>
    </g>
    <path v-if="today >= LABELS" class="today" :d="`M${today} 18V${bottom + tail}`" />
  </g>
</template>

<style>
.ground .rule {
  stroke: var(--rule);
  fill: none;
}

.ground .frost {
  fill: var(--slate);
  opacity: 0.1;
}

.ground .warm {
  fill: var(--rust);
  opacity: 0.07;
}

.ground .heating {
  fill: var(--rust);
  opacity: 0.4;
}

.year-sheet .ground .season {
  fill: var(--soft);
  font-size: 11px;
}

/* Words stay readable over a line. */
.ground .season,
.ground .month {
  stroke: var(--paper);
  stroke-width: 3px;
  paint-order: stroke;
}

.ground .month,
.ground .system {
  font-weight: 600;
}

.ground .today {
  stroke: var(--rust);
  stroke-width: 2;
}

.ground .cold {
  fill: var(--slate);
}

.ground .rain {
  fill: var(--slate);
  opacity: 0.5;
}
</style>
