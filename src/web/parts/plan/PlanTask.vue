<script setup lang="ts">
import Button from 'primevue/button';
import { computed } from 'vue';
import type { House } from '../../../core/house/house.ts';
import type { PlannedTask } from '../../../core/planning/home/arrange.ts';
import { worthOfMinutes } from '../../../core/planning/home/monthTotals.ts';
import { tryMove } from '../../../core/planning/tryMove.ts';
import { plannedName, plannedThing, triedText, weekDate } from '../../../locales/planText.ts';
import { nameIn, type Speech } from '../../../locales/speech.ts';
import ChoiceField from '../../kit/ChoiceField.vue';
import type { Placing, ShownPlan } from './usePlan.ts';

/** One planned task: when it is planned and due, and every week it can be moved to with what follows there. */
const props = defineProps<{
  one: PlannedTask;
  shown: ShownPlan;
  house: House;
  speech: Speech;
  mayMove: boolean;
  busy: boolean;
}>();
const emit = defineEmits<{ place: [key: string, week: number]; letGo: [placing: Placing] }>();

const t = computed(() => props.speech.t);
const task = computed(() => props.one.task);
const placing = computed(() => props.shown.current.held.get(task.value.key) ?? null);
const nameOf = (key: string): string => {
  const other = props.shown.body.tasks.find((one) => one.key === key);
  return other ? plannedName(props.speech, props.house, other) : key;
};
const facts = computed(() => {
  const { formats, today } = props.speech;
  return [
    t.value('plan.planned', { day: formats.date(props.one.day, today) }),
    t.value('plan.due', { day: formats.date(task.value.due, today) }),
    formats.hours(task.value.minutes),
    t.value(`doer.${task.value.doer}`),
  ].join(' · ');
});

/** Supplies that are still to get; those of later times are told when they come near. */
const supplies = computed(() => {
  const { waitsFor, suppliesFrom, number } = task.value;
  if (suppliesFrom === null || number > 1) return '';
  const { formats, today } = props.speech;
  return t.value('plan.supplies', {
    supplies: formats.list(waitsFor.map((code) => nameIn(props.speech, 'supply', code))),
    day: formats.date(suppliesFrom, today),
  });
});
/** Its cost when hired, against the household's own time, where both are known. */
const ownOrHired = computed(() => {
  const { costs, household } = props.shown.body;
  const [hired, minutes] = [costs[task.value.duty], task.value.ownMinutes];
  if (hired === undefined || minutes === null) return '';
  const { formats } = props.speech;
  const money = (of: number): string => formats.money(of, props.house.home.currency);
  const said = { hired: money(hired), time: formats.hours(minutes) };
  return household.hourWorth === undefined
    ? t.value('plan.hiredOrOwn', said)
    : t.value('plan.hiredOrOwnWorth', {
        ...said,
        worth: money(worthOfMinutes(minutes, household.hourWorth)),
      });
});

/** Every week the task may be in, with what would follow from its being there. */
const weeks = computed(() => {
  const { ready, toPlan, current } = props.shown;
  const at = ready.tasks.findIndex(({ id }) => id === task.value.key);
  const plan = ready.tasks.map(({ id }) => current.plan.plan[id] ?? -1);
  const window = toPlan.home.problem.tasks.find(({ id }) => id === task.value.key)?.weeks ?? [0, 0];
  return Array.from({ length: window[1] - window[0] + 1 }, (_, index) => window[0] + index).map((week) => ({
    week,
    value: String(week),
    label: `${props.speech.formats.date(weekDate(toPlan.weeks, week), props.speech.today)}: ${
      week === props.one.week
        ? t.value('plan.here')
        : triedText(props.speech, tryMove(ready, plan, new Map([[at, week]])), nameOf)
    }`,
  }));
});
const move = (chosen: string): void => {
  const { week } = weeks.value.find(({ value }) => value === chosen) ?? props.one;
  if (week !== props.one.week) emit('place', task.value.key, week);
};
</script>

<template>
  <div class="plan-task">
    <p class="name">
      {{ speech.dutyTitle(task.duty) }} <span class="soft">{{ plannedThing(speech, house, task) }}</span>
    </p>
    <p class="small soft">
      {{ facts }}<template v-if="placing"> · {{ t('plan.byHand') }}</template>
    </p>
    <p v-if="supplies" class="small">{{ supplies }}</p>
    <p v-if="ownOrHired" class="small">{{ ownOrHired }}</p>
    <div v-if="mayMove" class="moves no-print">
      <ChoiceField
        :model-value="String(one.week)"
        :label="t('plan.moveTo')"
        :options="weeks"
        :disabled="busy"
        @update:model-value="move"
      />
      <Button
        v-if="placing"
        text
        :disabled="busy"
        :label="t('plan.letPlanner')"
        @click="emit('letGo', placing)"
      />
    </div>
  </div>
</template>

<style>
.plan-task {
  padding: 0.5rem 0;
}

.plan-task .name {
  font-weight: 600;
}

.plan-task .name .soft {
  font-weight: 400;
}

.plan-task .moves {
  display: flex;
  flex-wrap: wrap;
  gap: 0.25rem 1rem;
  align-items: end;
  max-width: 34rem;
}
</style>
