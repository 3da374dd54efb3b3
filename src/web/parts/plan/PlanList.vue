<script setup lang="ts">
import Button from 'primevue/button';
import { computed, ref } from 'vue';
import type { House } from '../../../core/house/house.ts';
import type { PlannedTask } from '../../../core/planning/home/arrange.ts';
import type { Speech } from '../../../locales/speech.ts';
import KitDrawer from '../../kit/KitDrawer.vue';
import PlanTask from './PlanTask.vue';
import PlanWeek from './PlanWeek.vue';
import type { Placing, ShownPlan } from './usePlan.ts';

/** The plan as a list: week by week, a few at first; a task opens what can be done about it. */
const props = defineProps<{
  shown: ShownPlan;
  house: House;
  speech: Speech;
  mayMove: boolean;
  busy: boolean;
}>();
const emit = defineEmits<{ place: [key: string, week: number]; letGo: [placing: Placing] }>();

const AT_FIRST = 4;
const MORE = 8;
const count = ref(AT_FIRST);
const weeks = computed(() =>
  props.shown.year.weeks
    .map((_, week) => week)
    .filter((week) => week < AT_FIRST || props.shown.year.tasks.some((one) => one.week === week)),
);
const left = computed(() => Math.max(0, weeks.value.length - count.value));
const key = ref<string | null>(null);
const chosen = computed(() => props.shown.year.tasks.find(({ task }) => task.key === key.value) ?? null);
const open = computed({
  get: () => chosen.value !== null,
  set: (now) => {
    if (!now) key.value = null;
  },
});
const choose = (one: PlannedTask): void => {
  key.value = one.task.key;
};
</script>

<template>
  <div>
    <PlanWeek
      v-for="week in weeks.slice(0, count)"
      :key="week"
      :week="week"
      :shown="shown"
      :house="house"
      :speech="speech"
      @choose="choose"
    />
    <p v-if="left > 0" class="more">
      <Button
        outlined
        :label="speech.t('plan.showWeeks', { n: Math.min(MORE, left) }, Math.min(MORE, left))"
        @click="count += MORE"
      />
    </p>
    <KitDrawer v-model:open="open" :title="speech.t('plan.task')" :close-label="speech.t('shell.close')">
      <PlanTask
        v-if="chosen"
        :one="chosen"
        :shown="shown"
        :house="house"
        :speech="speech"
        :may-move="mayMove"
        :busy="busy"
        @place="(of, week) => emit('place', of, week)"
        @let-go="emit('letGo', $event)"
      />
    </KitDrawer>
  </div>
</template>
