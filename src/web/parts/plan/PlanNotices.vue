<script setup lang="ts">
import Button from 'primevue/button';
import Message from 'primevue/message';
import ProgressBar from 'primevue/progressbar';
import { computed } from 'vue';
import { useRoute } from 'vue-router';
import type { House } from '../../../core/house/house.ts';
import type { HomeTask } from '../../../core/planning/home/homeTask.ts';
import type { MovedTask } from '../../../core/planning/home/whyMoved.ts';
import { plannedName, unplacedText, weekDate } from '../../../locales/planText.ts';
import type { Speech } from '../../../locales/speech.ts';
import type { ShownPlan } from './usePlan.ts';

/** How the plan stands: being made, out of date, replaced by somebody else; what a replan moved, and what has no week and why. */
const props = defineProps<{
  shown: ShownPlan;
  house: House;
  people: readonly { readonly id: string; readonly name: string }[];
  progress: number | null;
  isOld: boolean;
  moved: readonly MovedTask[];
  trouble: string;
  replaced: { readonly by: string; readonly savedAt: string } | null;
  speech: Speech;
}>();
const emit = defineEmits<{ stop: []; read: [] }>();

const route = useRoute();
const t = computed(() => props.speech.t);
const byKey = computed(() => new Map(props.shown.body.tasks.map((task) => [task.key, task])));
const name = (task: HomeTask): string => plannedName(props.speech, props.house, task);
const nameOf = (key: string): string => {
  const task = byKey.value.get(key);
  return task ? name(task) : key;
};
const date = (week: number): string =>
  props.speech.formats.date(weekDate(props.shown.toPlan.weeks, week), props.speech.today);
const minutes = computed(() => props.shown.year.weeks.reduce((sum, { budget }) => sum + budget, 0));
const allAway = computed(
  () =>
    props.shown.year.tasks.length === 0 && props.shown.year.unplaced.some(({ why }) => why.rule === 'away'),
);
const replacedBy = computed(() => {
  if (!props.replaced) return '';
  const { by, savedAt } = props.replaced;
  return t.value('plan.replaced', {
    name: props.people.find(({ id }) => id === by)?.name ?? t.value('plan.someone'),
    when: props.speech.formats.instant(savedAt, props.house.home.zone),
  });
});
/** Where only a trade can do it, or could. */
const canHire = new Set(['weather', 'skill', 'helper']);
</script>

<template>
  <div class="plan-notices">
    <div v-if="progress !== null" class="working no-print">
      <span role="status">{{ t('plan.planning') }}</span>
      <ProgressBar :value="Math.round(progress * 100)" :aria-label="t('plan.planning')" />
      <Button outlined size="small" :label="t('plan.stop')" @click="emit('stop')" />
    </div>
    <Message v-if="trouble" severity="error" :closable="false">{{ trouble }}</Message>
    <Message v-if="replaced" severity="warn" :closable="false">
      {{ replacedBy }} <Button text :label="t('plan.showNew')" @click="emit('read')" />
    </Message>
    <Message v-if="isOld && !replaced" severity="info" :closable="false">{{ t('plan.old') }}</Message>
    <Message v-if="allAway" severity="warn" :closable="false">{{ t('plan.allAway') }}</Message>
    <Message v-else-if="minutes === 0 && shown.body.tasks.length > 0" severity="warn" :closable="false">
      {{ t('plan.noHours') }}
      <RouterLink :to="{ name: 'hours', params: route.params }">{{ t('plan.setHours') }}</RouterLink>
    </Message>
    <Message v-if="shown.body.tasks.length === 0" severity="info" :closable="false">
      {{ t('plan.empty') }}
      <RouterLink :to="{ name: 'walk', params: route.params }">{{ t('nav.page.walk') }}</RouterLink>,
      <RouterLink :to="{ name: 'add', params: route.params }">{{ t('add.title') }}</RouterLink>
    </Message>
    <details v-if="moved.length > 0" class="no-print">
      <summary>{{ t('plan.moved', { n: moved.length }, moved.length) }}</summary>
      <ul class="ruled small">
        <li v-for="one in moved" :key="one.key">
          {{
            t('plan.movedLine', {
              task: nameOf(one.key),
              from: date(one.from),
              to: date(one.to),
              why: t(`plan.movedFor.${one.why}`),
            })
          }}
        </li>
      </ul>
    </details>
    <section v-if="shown.current.lost.length > 0" :aria-label="t('plan.lost')">
      <h2>{{ t('plan.lost') }}</h2>
      <ul class="ruled">
        <li v-for="{ kept, key } in shown.current.lost" :key="kept.entryId">
          {{
            t(key === null ? 'plan.lostGone' : 'plan.lostLine', {
              task: key === null ? speech.dutyTitle(kept.duty) : nameOf(key),
              week: speech.formats.date(kept.day, speech.today),
            })
          }}
        </li>
      </ul>
    </section>
    <details v-if="shown.year.unplaced.length > 0" class="unplaced">
      <summary>{{ t('plan.unplaced') }} ({{ shown.year.unplaced.length }})</summary>
      <p class="soft small">{{ t('plan.unplacedLead') }}</p>
      <ul class="ruled">
        <li v-for="{ task, why } in shown.year.unplaced" :key="task.key">
          {{ name(task) }}
          <span class="soft small"
            >{{ unplacedText(speech, why, name) }}
            <RouterLink v-if="canHire.has(why.rule)" :to="{ name: 'upkeep', params: route.params }">{{
              t('plan.hire')
            }}</RouterLink></span
          >
        </li>
      </ul>
    </details>
  </div>
</template>

<style>
.plan-notices .working {
  display: grid;
  grid-template-columns: auto minmax(6rem, 16rem) auto;
  gap: 0.75rem;
  align-items: center;
  justify-content: start;
  min-height: 2.75rem;
}

.plan-notices .ruled li {
  padding: 0.25rem 0;
}
</style>
