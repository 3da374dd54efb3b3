<script setup lang="ts">
import Button from 'primevue/button';
import Tab from 'primevue/tab';
import TabList from 'primevue/tablist';
import TabPanel from 'primevue/tabpanel';
import TabPanels from 'primevue/tabpanels';
import Tabs from 'primevue/tabs';
import { computed } from 'vue';
import type { FirstLine, PlanReview } from '../../../core/walkthrough/planReview.ts';
import { dateText, type Speech } from '../../../locales/speech.ts';
import { SYSTEM_ICONS } from '../../kit/icons.ts';
import type { FindPractice } from '../../../core/house/timingOf.ts';

/** The first six weeks, task by task; each can be left out before the plan is taken on. */
const props = defineProps<{
  review: PlanReview;
  speech: Speech;
  find: FindPractice;
  titleOf: (code: string) => string;
  nameOf: (asset: string) => string;
}>();
const emit = defineEmits<{ leave: [practice: string] }>();
const t = computed(() => props.speech.t);

const weeks = computed(() =>
  props.review.firstWeeks.map((lines, index) => ({
    number: index + 1,
    minutes: props.review.weekMinutes[index] ?? 0,
    lines: lines.map(lineOf),
  })),
);

function lineOf({ practice, assets, doer, asks, minutes, bookBy }: FirstLine) {
  const known = props.find(practice);
  const said = [
    asks === 'look' ? t.value('walk.plan.look') : t.value(`doer.${doer}`),
    ...(doer === 'trade' ? [] : [t.value('walk.plan.minutes', { n: minutes })]),
    ...(bookBy === null ? [] : [t.value('walk.plan.bookBy', { date: dateText(props.speech, bookBy) })]),
  ];
  return {
    practice,
    icon: known && SYSTEM_ICONS[known.system],
    title: props.titleOf(practice),
    things: props.speech.formats.list(assets.map(props.nameOf)),
    said: said.join(' · '),
  };
}
</script>

<template>
  <Tabs value="1" class="weeks">
    <TabList>
      <Tab v-for="week in weeks" :key="week.number" :value="String(week.number)">{{
        t('walk.plan.week', { n: week.number })
      }}</Tab>
    </TabList>
    <TabPanels>
      <TabPanel v-for="week in weeks" :key="week.number" :value="String(week.number)">
        <p class="soft small">{{ t('walk.plan.weekSum', { n: week.minutes }, week.minutes) }}</p>
        <p v-if="week.lines.length === 0">{{ t('walk.plan.weekNone') }}</p>
        <ul v-else class="ruled" :data-week="week.number">
          <li v-for="line in week.lines" :key="line.practice" class="line" :data-practice="line.practice">
            <component :is="line.icon" v-if="line.icon" :size="20" aria-hidden="true" />
            <span class="what">
              {{ line.title }}
              <span class="soft small things">{{ line.things }}</span>
            </span>
            <span class="small how">{{ line.said }}</span>
            <Button
              text
              size="small"
              :label="t('walk.plan.leaveOut')"
              :aria-label="`${t('walk.plan.leaveOut')}: ${line.title}`"
              @click="emit('leave', line.practice)"
            />
          </li>
        </ul>
      </TabPanel>
    </TabPanels>
  </Tabs>
</template>

<style scoped>
.line {
  display: grid;
  grid-template-columns: 1.5rem 1fr 14rem auto;
  gap: 0 0.75rem;
  align-items: center;
  padding: 0.25rem 0;
}

.line svg {
  color: var(--soft);
}

.things {
  display: block;
}

@media (max-width: 44rem) {
  .line {
    grid-template-columns: 1.5rem 1fr auto;
  }

  .how {
    grid-column: 2 / -1;
    grid-row: 2;
  }
}
</style>
