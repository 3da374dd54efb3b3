<script setup lang="ts">
import Checkbox from 'primevue/checkbox';
import SelectButton from 'primevue/selectbutton';
import { computed, ref } from 'vue';
import { useRoute } from 'vue-router';
import type { PlanBody } from '../../../contract/plan.ts';
import type { House } from '../../../core/house/house.ts';
import { isQuiet } from '../../../core/house/household.ts';
import { bestUse } from '../../../core/planning/home/timeSlot.ts';
import { setUpSchema, type SetUp } from '../../../core/practice/lists.ts';
import { plannedName, tripText } from '../../../locales/planText.ts';
import type { Speech } from '../../../locales/speech.ts';
import { planFrom } from '../../parts/plan/planFrom.ts';

/** The best use of some time, from where one stands, as one checklist. */
const props = defineProps<{ plan: PlanBody; house: House; speech: Speech }>();
const minutes = defineModel<number>('minutes', { required: true });

const route = useRoute();
const t = computed(() => props.speech.t);
const TIMES = [30, 60, 120];
const times = computed(() => TIMES.map((value) => ({ value, label: t.value(`plan.slot.minutes.${value}`) })));
const indoors = ref(false);
const helper = ref(false);
const out = ref<SetUp[]>([]);
const setUps = computed(() =>
  setUpSchema.options.map((value) => ({ value, label: t.value(`plan.setUp.${value}`) })),
);
/** The time of day at the home, HH:MM. */
const now = new Intl.DateTimeFormat('en-GB', {
  timeZone: props.house.home.zone,
  hour: '2-digit',
  minute: '2-digit',
}).format(Date.now());
const quiet = ref(isQuiet(props.plan.household, now));
const slot = computed(() =>
  bestUse(props.plan.tasks, {
    minutes: minutes.value,
    on: props.plan.on,
    indoors: indoors.value,
    helper: helper.value,
    quiet: quiet.value,
    out: out.value,
    open: planFrom(props.plan).open,
  }),
);
const takes = computed(() =>
  t.value(
    'plan.slot.takes',
    { n: slot.value.tasks.length, time: props.speech.formats.hours(slot.value.minutes) },
    slot.value.tasks.length,
  ),
);
const needs = computed(() =>
  slot.value.setUps.length === 0
    ? ''
    : tripText(props.speech, { visit: null, setUps: slot.value.setUps, outdoors: false }),
);
const checklist = computed(() => ({
  name: 'runs',
  params: route.params,
  query: { duty: slot.value.tasks.map(({ duty }) => duty).join(',') },
}));
</script>

<template>
  <div class="slot">
    <SelectButton
      v-model="minutes"
      :options="times"
      option-label="label"
      option-value="value"
      :allow-empty="false"
      :aria-label="t('plan.slot.title')"
    />
    <p class="ticks">
      <label><Checkbox v-model="indoors" binary /> {{ t('plan.slot.indoors') }}</label>
      <label><Checkbox v-model="quiet" binary /> {{ t('plan.slot.quiet') }}</label>
      <label><Checkbox v-model="helper" binary /> {{ t('plan.slot.helper') }}</label>
    </p>
    <p class="small soft">{{ t('plan.slot.out') }}</p>
    <p class="ticks">
      <label v-for="one in setUps" :key="one.value"
        ><Checkbox v-model="out" :value="one.value" /> {{ one.label }}</label
      >
    </p>
    <p v-if="slot.tasks.length === 0" role="status">{{ t('plan.slot.none') }}</p>
    <template v-else>
      <p role="status">
        <strong>{{ takes }}</strong> <span class="soft small">{{ needs }}</span>
      </p>
      <ol class="ruled">
        <li v-for="task in slot.tasks" :key="task.key" data-test="in-slot">
          {{ plannedName(speech, house, task) }}
          <span class="soft small">{{ speech.formats.hours(task.minutes) }}</span>
        </li>
      </ol>
      <RouterLink class="k-button k-filled" data-act="slot-start" :to="checklist">{{
        t('plan.slot.start')
      }}</RouterLink>
    </template>
  </div>
</template>

<style>
.slot .ticks {
  display: flex;
  flex-wrap: wrap;
  gap: 0.25rem 1.25rem;
  margin: 0.25rem 0;
}

.slot .ticks label {
  display: inline-flex;
  gap: 0.5rem;
  align-items: center;
  min-height: 2.75rem;
}

.slot li {
  padding: 0.25rem 0;
}
</style>
