<script setup lang="ts">
import Button from 'primevue/button';
import { computed } from 'vue';
import type { House } from '../../../core/house/house.ts';
import type { PlannedTask } from '../../../core/planning/home/arrange.ts';
import { tripsOf, wetSwaps } from '../../../core/planning/home/trips.ts';
import { plannedName, plannedThing, tripText } from '../../../locales/planText.ts';
import type { Speech } from '../../../locales/speech.ts';
import type { ShownPlan } from './usePlan.ts';

/** One week: its hours against what is given, and its work, one line for each trip; what to do indoors if it rains. */
const props = defineProps<{
  week: number;
  shown: ShownPlan;
  house: Pick<House, 'assets' | 'spaces'>;
  speech: Speech;
}>();
const emit = defineEmits<{ choose: [one: PlannedTask] }>();

const t = computed(() => props.speech.t);
const title = computed(() =>
  props.week === 0 || !head.value
    ? t.value('plan.thisWeek')
    : t.value('plan.weekOf', { day: props.speech.formats.date(head.value.from, props.speech.today) }),
);
const head = computed(() => props.shown.year.weeks[props.week]);
const tasks = computed(() => props.shown.year.tasks.filter(({ week }) => week === props.week));
const trips = computed(() => tripsOf(tasks.value));
const swaps = computed(() => wetSwaps(props.shown.ready, props.shown.year.tasks, props.week));
const isOver = computed(() => (head.value?.minutes ?? 0) > (head.value?.budget ?? 0));
/** How much of what is given is taken, of a full bar. */
const share = computed(() => {
  const { minutes = 0, budget = 0 } = head.value ?? {};
  return budget === 0 ? (minutes > 0 ? 100 : 0) : Math.min(100, (minutes / budget) * 100);
});
const wet = computed(() =>
  t.value('plan.wet', {
    tasks: props.speech.formats.list(
      swaps.value.map(({ task }) => plannedName(props.speech, props.house, task)),
    ),
  }),
);
</script>

<template>
  <section v-if="head" class="plan-week" :aria-label="title">
    <header>
      <h2>{{ title }}</h2>
      <span :class="['time', { over: isOver }]">{{
        t('plan.weekTime', {
          time: speech.formats.hours(head.minutes),
          given: speech.formats.hours(head.budget),
        })
      }}</span>
      <svg class="fill" viewBox="0 0 100 4" preserveAspectRatio="none" aria-hidden="true">
        <rect class="all" width="100" height="4" />
        <rect :class="['part', { over: isOver }]" :width="share" height="4" />
      </svg>
    </header>
    <p v-if="tasks.length === 0" class="soft">{{ t('plan.nothing') }}</p>
    <ul v-else class="ruled trips">
      <li v-for="trip in trips" :key="`${trip.day} ${trip.visit} ${trip.setUps.join()} ${trip.outdoors}`">
        <p class="trip small">
          <span>{{ speech.formats.date(trip.day, speech.today) }}</span>
          <span>{{ tripText(speech, trip) }}</span>
          <span class="soft">{{ speech.formats.hours(trip.minutes) }}</span>
        </p>
        <ul class="of">
          <li v-for="one in trip.tasks" :key="one.task.key">
            <Button text class="pick" @click="emit('choose', one)">
              {{ speech.dutyTitle(one.task.duty) }}
              <span class="soft small">{{ plannedThing(speech, house, one.task) }}</span>
              <span v-if="one.cost.late > 0" class="late small">{{ t('plan.late') }}</span>
              <span v-if="shown.current.held.has(one.task.key)" class="soft small">{{
                t('plan.byHand')
              }}</span>
            </Button>
          </li>
        </ul>
      </li>
    </ul>
    <p v-if="swaps.length > 0" class="small soft">{{ wet }}</p>
  </section>
</template>

<style>
.plan-week {
  margin-top: var(--line);
}

.plan-week header {
  display: grid;
  grid-template-columns: 1fr auto;
  gap: 0 1rem;
  align-items: baseline;
}

.plan-week h2 {
  margin: 0;
  font-size: 1.125rem;
}

.plan-week .over,
.plan-week .late {
  color: var(--rust);
}

.plan-week .fill {
  grid-column: 1 / -1;
  width: 100%;
  height: 4px;
}

.plan-week .fill .all {
  fill: var(--rule);
}

.plan-week .fill .part {
  fill: var(--brine);
}

.plan-week .fill .part.over {
  fill: var(--rust);
}

.plan-week .trip {
  display: flex;
  flex-wrap: wrap;
  gap: 0 1rem;
  padding-top: 0.375rem;
  font-weight: 600;
}

.plan-week .trip .soft {
  font-weight: 400;
}

.plan-week .of {
  padding: 0;
  margin: 0;
  list-style: none;
}

.plan-week .pick {
  display: block;
  width: 100%;
  padding: 0.125rem 0;
  color: inherit;
  font-weight: 400;
  text-align: left;
}

.plan-week .pick span {
  margin-left: 0.375rem;
}

.plan-week .pick:hover {
  background: var(--wash);
}

@media (width < 44rem) {
  .plan-week .pick {
    min-height: 2.75rem;
  }
}
</style>
