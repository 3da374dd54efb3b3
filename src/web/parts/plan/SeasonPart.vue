<script setup lang="ts">
import { computed } from 'vue';
import type { House } from '../../../core/house/house.ts';
import { thisSeason, type SeasonLine } from '../../../core/planning/home/thisSeason.ts';
import { plannedName } from '../../../locales/planText.ts';
import type { Speech } from '../../../locales/speech.ts';
import type { ShownPlan } from './usePlan.ts';

/** How each seasonal task stands: cannot wait, still worth doing, too late until its next time. */
const props = defineProps<{ shown: ShownPlan; house: Pick<House, 'assets' | 'spaces'>; speech: Speech }>();

const t = computed(() => props.speech.t);
const KINDS = ['cannot-wait', 'worth', 'too-late'] as const;
const lines = computed(() => {
  const { body, year } = props.shown;
  return thisSeason(body.tasks, year.tasks, { past: body.past, on: body.on, freeze: body.freeze });
});
const groups = computed(() =>
  KINDS.map((kind) => ({ kind, lines: lines.value.filter((line) => line.kind === kind) })).filter(
    (group) => group.lines.length > 0,
  ),
);
function about(line: SeasonLine): string {
  const day = (date: Parameters<typeof props.speech.formats.date>[0]): string =>
    props.speech.formats.date(date, props.speech.today);
  if (line.kind === 'too-late') return t.value('plan.season.again', { day: day(line.again) });
  const until = t.value('plan.season.until', { day: day(line.until) });
  if (line.kind === 'cannot-wait' || line.planned === null) return until;
  return `${until}, ${t.value('plan.season.plannedFor', { day: day(line.planned) })}`;
}
</script>

<template>
  <section class="season-part" :aria-label="t('plan.season.title')">
    <h2>{{ t('plan.season.title') }}</h2>
    <p v-if="groups.length === 0" class="soft">{{ t('plan.season.none') }}</p>
    <template v-for="group in groups" :key="group.kind">
      <h3 :class="group.kind">{{ t(`plan.season.${group.kind}`) }}</h3>
      <ul class="ruled">
        <li v-for="line in group.lines" :key="line.task.key">
          {{ plannedName(speech, house, line.task) }} <span class="soft small">{{ about(line) }}</span>
        </li>
      </ul>
    </template>
    <p class="soft small">{{ t('plan.season.back') }}</p>
  </section>
</template>

<style>
.season-part {
  margin-top: var(--line);
}

.season-part h3 {
  margin: calc(var(--line) / 2) 0 0;
  font-size: 1rem;
}

.season-part h3.cannot-wait {
  color: var(--rust);
}

.season-part li {
  padding: 0.25rem 0;
}
</style>
