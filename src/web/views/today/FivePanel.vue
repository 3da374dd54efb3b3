<script setup lang="ts">
import { computed } from 'vue';
import type { PlanBody } from '../../../contract/plan.ts';
import { daysBetween, toCivilDate, toDay } from '../../../core/calendar/civilDate.ts';
import type { House } from '../../../core/house/house.ts';
import { fiveThatMatter, type Weighed } from '../../../core/planning/home/five.ts';
import { plannedName } from '../../../locales/planText.ts';
import type { Speech } from '../../../locales/speech.ts';

/** The five tasks that matter most this month, and why each, factor by factor. */
const props = defineProps<{ plan: PlanBody; house: Pick<House, 'assets' | 'spaces'>; speech: Speech }>();

const t = computed(() => props.speech.t);
const five = computed(() => fiveThatMatter(props.plan.tasks, props.plan.on));
function factors({ task, interval, work }: Weighed): string {
  const late = daysBetween(task.due, props.plan.on);
  const when =
    late === 0
      ? t.value('plan.five.today')
      : t.value(late > 0 ? 'plan.five.late' : 'plan.five.ahead', { n: Math.abs(late) }, Math.abs(late));
  return t.value('plan.five.factors', {
    consequence: t.value(`walk.consequence.${task.consequence}`).replace(/\.$/, ''),
    growth: t.value('plan.five.growth', {
      span: props.speech.formats.span(props.plan.on, toCivilDate(toDay(props.plan.on) + interval)),
    }),
    lateness: when,
    work: props.speech.formats.hours(work),
  });
}
</script>

<template>
  <div>
    <p class="soft small">{{ t('plan.five.lead') }}</p>
    <p v-if="five.length === 0">{{ t('plan.five.none') }}</p>
    <ol class="ruled five">
      <li v-for="one in five" :key="one.task.key" data-test="of-five">
        {{ plannedName(speech, house, one.task) }}
        <span class="soft small">{{ factors(one) }}</span>
      </li>
    </ol>
  </div>
</template>

<style>
.five li {
  padding: 0.375rem 0;
}

.five li span {
  display: block;
}
</style>
