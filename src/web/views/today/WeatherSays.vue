<script setup lang="ts">
import { computed } from 'vue';
import { Snowflake, Wind } from 'lucide-vue-next';
import type { ClimateView, HouseBody, StandingBody } from '../../../contract/schemas.ts';
import { outlookSays } from '../../../core/climate/outlookSays.ts';
import type { WeatherDay } from '../../../core/climate/weather.ts';
import { temperature } from '../../../locales/temperature.ts';
import type { Speech } from '../../../locales/speech.ts';
import { weatherWords } from '../../../locales/weatherText.ts';
import StateQuestion from '../../parts/season/StateQuestion.vue';
import { openToFrost, seasonName } from '../../parts/season/seasonLines.ts';

/** The weather ahead, in a sentence where it matters to the house; frost asks about what it could still break. */
const props = defineProps<{
  climate: ClimateView;
  lines: StandingBody['lines'];
  house: HouseBody;
  speech: Speech;
  mayWrite: boolean;
  busy: boolean;
}>();
const emit = defineEmits<{ turn: [asset: string, state: string, kind: 'shut' | 'opened', text: string] }>();

const t = computed(() => props.speech.t);
const says = computed(() => outlookSays(props.climate.outlook));
const dayName = (day: WeatherDay): string =>
  day.date === props.climate.on
    ? t.value('weather.today')
    : t.value('weather.on', { day: props.speech.formats.longWeekday(day.date) });
const low = (day: WeatherDay): string => temperature(props.speech, day.low ?? 0, 0);

const frost = computed(() => {
  const { frost: found } = says.value;
  if (!found) return null;
  const { first, coldest } = found;
  const begins = t.value('weather.frost', { low: low(first), on: dayName(first) });
  return {
    begins,
    text:
      first === coldest
        ? `${begins}.`
        : `${begins}, ${t.value('weather.then', { low: low(coldest), on: dayName(coldest) })}.`,
  };
});
const questions = computed(() =>
  frost.value === null
    ? []
    : openToFrost(props.lines).map((line) => {
        const what = seasonName(props.speech, props.house, line);
        return {
          line,
          what,
          key: `${line.asset} ${line.state}`,
          text: t.value('weather.isShut', { frost: frost.value?.begins ?? '', what }),
        };
      }),
);
const storm = computed(() => {
  const { storm: day } = says.value;
  return day ? t.value('weather.storm', { what: weatherWords(props.speech, day), on: dayName(day) }) : null;
});

function answer({ line, what }: (typeof questions.value)[number], shut: boolean): void {
  const kind = shut ? 'shut' : 'opened';
  emit('turn', line.asset, line.state, kind, t.value(`note.said.${kind}`, { what }));
}
</script>

<template>
  <section v-if="frost || storm" class="weather" :aria-label="t('weather.title')">
    <template v-if="frost">
      <div v-for="one in questions" :key="one.key" class="line">
        <Snowflake :size="18" aria-hidden="true" />
        <StateQuestion
          :question="one.text"
          :speech="speech"
          :busy="busy"
          :may-write="mayWrite"
          @answer="answer(one, $event)"
        />
      </div>
      <p v-if="questions.length === 0" class="line">
        <Snowflake :size="18" aria-hidden="true" />{{ frost.text }}
      </p>
    </template>
    <p v-if="storm" class="line"><Wind :size="18" aria-hidden="true" />{{ storm }}</p>
  </section>
</template>

<style scoped>
.line {
  display: flex;
  align-items: baseline;
  gap: 0.5rem;
  color: var(--slate);
}

.line svg {
  flex: none;
  align-self: flex-start;
  margin-top: 0.1875rem;
}
</style>
