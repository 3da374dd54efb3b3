<script setup lang="ts">
import { computed } from 'vue';
import type { ClimateView } from '../../../contract/schemas.ts';
import { useSpeech } from '../../composables/useSpeech.ts';
import { useHome } from '../../stores/home.ts';
import TaskLine from './TaskLine.vue';
import type { useTodaySheet } from './useTodaySheet.ts';
import type { ShownWeek } from './useWeek.ts';
import WeatherSays from './WeatherSays.vue';

/** The beginning of Today: the day, the weather, and this week's tasks. Dangers, where there are some, come first. */
defineProps<{
  week: ShownWeek;
  lead: string;
  climate: ClimateView | null;
  /** Why something beside the tasks is missing; empty where nothing is. */
  missing: string;
  busy: boolean;
  line: ReturnType<typeof useTodaySheet>['lineProps']['value'];
  /** The acts of a line, by the name of its event. */
  acts: Readonly<Record<string, unknown>>;
  /** How many lines are drawn by now; below zero nothing under the head is. */
  drawn: number;
}>();
const emit = defineEmits<{
  turn: [asset: string, state: string, kind: 'shut' | 'opened', text: string];
}>();

const home = useHome();
const speech = useSpeech();
const t = computed(() => speech.value.t);
</script>

<template>
  <header>
    <h1>{{ home.on ? speech.formats.longDay(home.on) : t('today.title') }}</h1>
    <p v-if="home.rows.length > 0" class="soft">{{ lead }}</p>
  </header>
  <slot v-if="drawn >= 0" name="stops" />
  <p v-if="missing" class="notice wrong" role="alert">{{ t('findings.unread', { why: missing }) }}</p>
  <p v-if="!home.mayWrite" class="notice">{{ t('today.readOnly') }}</p>
  <slot name="empty" />
  <div v-if="drawn >= 0" class="two">
    <div>
      <WeatherSays
        v-if="climate && home.house && home.standing"
        class="weather"
        :climate="climate"
        :lines="home.standing.lines"
        :house="home.house"
        :speech="speech"
        :may-write="home.mayWrite"
        :busy="busy"
        @turn="(...of) => emit('turn', ...of)"
      />
      <section v-if="week.trips.length > 0" aria-labelledby="section-week">
        <h2 id="section-week">{{ t('today.week') }}</h2>
        <ul class="ruled">
          <TaskLine
            v-for="{ line: one, along } in week.trips.slice(0, drawn)"
            :key="one.key"
            :line="one"
            :along="along"
            :busy="busy"
            v-bind="line"
            v-on="acts"
          />
        </ul>
      </section>
      <slot name="rest" />
    </div>
    <slot name="beside" />
  </div>
</template>
