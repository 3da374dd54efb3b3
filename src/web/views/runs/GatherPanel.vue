<script setup lang="ts">
import Button from 'primevue/button';
import Checkbox from 'primevue/checkbox';
import { computed } from 'vue';
import type { WeatherDay } from '../../../core/climate/weather.ts';
import type { HouseBody } from '../../../contract/schemas.ts';
import type { Gathered, Gathering } from '../../../core/runs/gather.ts';
import { inHomeUnits } from '../../../core/units/quantity.ts';
import { enteredText } from '../../../locales/readings/readingText.ts';
import { capital, dateText, nameIn, type Speech } from '../../../locales/speech.ts';

/** Things needed before a run begins, ticked off as they are found; and the work the weather allows. */
const props = defineProps<{
  gathering: Gathering;
  speech: Speech;
  house: HouseBody;
  outlook: readonly WeatherDay[];
  mayWrite: boolean;
}>();
const emit = defineEmits<{ begin: [] }>();
const gathered = defineModel<string[]>({ required: true });

const t = computed(() => props.speech.t);
const groups = computed(() =>
  [
    {
      title: t.value('run.tools'),
      things: props.gathering.tools.map((code) => ({
        code: `tool ${code}`,
        name: nameIn(props.speech, 'tool', code),
      })),
    },
    {
      title: t.value('run.supplies'),
      things: props.gathering.supplies.map((one) => ({
        code: `supply ${one.supply}${one.size === null ? '' : ` ${one.size}`}`.slice(0, 80),
        name: supplyText(one),
      })),
    },
    {
      title: t.value('run.setUps'),
      things: props.gathering.setUps.map((code) => ({
        code: `setup ${code}`,
        name: nameIn(props.speech, 'setUp', code),
      })),
    },
    {
      title: '',
      things: props.gathering.helper ? [{ code: 'helper', name: t.value('run.helper') }] : [],
    },
  ].filter(({ things }) => things.length > 0),
);
/** The name of a supply with its size, how many the work takes, and how many there are. */
function supplyText({ supply, size, quantity, stock }: Gathered): string {
  const { number } = props.speech.formats;
  const named = [nameIn(props.speech, 'supply', supply), ...(size === null ? [] : [size])].join(', ');
  const counts = [
    ...(quantity === null ? [] : [t.value('run.needs', { n: number(quantity) })]),
    ...(stock === null ? [] : [t.value('run.have', { n: number(stock) })]),
    ...(quantity !== null && stock !== null && stock < quantity
      ? [t.value('run.buy', { n: number(quantity - Math.max(0, stock)) })]
      : []),
  ];
  return counts.length === 0 ? named : `${named}: ${counts.join(', ')}`;
}

/** Past two hours minutes say little. */
const time = computed(() => {
  const { minutes } = props.gathering;
  return minutes <= 120
    ? t.value('minutes', { n: minutes }, minutes)
    : t.value('run.hours', { n: Math.round(minutes / 60) });
});
const weather = computed(() => {
  if (!props.gathering.outdoors) return '';
  const days = props.outlook.slice(0, 4).flatMap((day) => {
    if (day.low === undefined || day.high === undefined) return [];
    const show = (celsius: number): string => {
      const { value, unit } = inHomeUnits({ value: celsius, unit: 'C' }, props.house.home.units);
      return enteredText(props.speech, Math.round(value), unit);
    };
    const wet = (day.rain ?? 0) >= 1 ? t.value('run.wet') : '';
    return [
      t.value('run.day', {
        date: dateText(props.speech, day.date),
        low: show(day.low),
        high: show(day.high),
        wet,
      }),
    ];
  });
  return days.length === 0 ? t.value('run.noWeather') : t.value('run.weather', { days: days.join('; ') });
});
</script>

<template>
  <section class="gather">
    <h2>{{ t('run.gather') }}</h2>
    <p class="soft">{{ t('run.gatherLead', { time }) }}</p>
    <p v-if="weather" class="small">{{ weather }}.</p>
    <fieldset v-for="group in groups" :key="group.title">
      <legend v-if="group.title">{{ group.title }}</legend>
      <label v-for="thing in group.things" :key="thing.code">
        <Checkbox v-model="gathered" :value="thing.code" :disabled="!mayWrite" />{{ capital(thing.name) }}
      </label>
    </fieldset>
    <p>
      <Button :disabled="!mayWrite" data-act="begin" @click="emit('begin')">{{ t('run.begin') }}</Button>
    </p>
  </section>
</template>

<style scoped>
.gather {
  display: grid;
  gap: calc(var(--line) / 2);
}

fieldset {
  columns: 16rem 2;
}

legend {
  columns: 1;
}

label {
  display: flex;
  gap: 0.5rem;
  align-items: center;
  min-height: 2.25rem;
  break-inside: avoid;
}
</style>
