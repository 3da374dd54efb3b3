<script setup lang="ts">
import Button from 'primevue/button';
import { Check } from 'lucide-vue-next';
import { computed } from 'vue';
import { practiceTitle } from '../../../locales/practiceText.ts';
import type { Speech } from '../../../locales/speech.ts';
import type { Line, Unit } from '../../parts/task/lines.ts';

/** The things of a line, each with its own tick, and the work of the same trip. */
const props = defineProps<{
  line: Line;
  along: readonly Line[];
  speech: Speech;
  mayWrite: boolean;
  busy: boolean;
  isSettled: (unit: Unit) => boolean;
}>();
const emit = defineEmits<{ done: [line: Line, units: readonly Unit[]] }>();

const t = computed(() => props.speech.t);
const title = computed(() => practiceTitle(props.speech, props.line.practice));
const ticks = computed(() => {
  const { units } = props.line;
  return units.length < 2 ? [] : units.map((unit) => ({ unit, done: props.isSettled(unit) }));
});
const trip = computed(() =>
  props.along.map((line) => ({
    line,
    title: practiceTitle(props.speech, line.practice),
    left: line.units.filter((unit) => !props.isSettled(unit)),
  })),
);
</script>

<template>
  <ul v-if="ticks.length > 0" class="units">
    <li v-for="{ unit, done } in ticks" :key="unit.duty.id">
      <Button
        v-if="mayWrite && !done"
        text
        class="tick"
        :disabled="busy"
        :aria-label="t('today.doneOne', { title, unit: unit.asset.name })"
        @click="emit('done', line, [unit])"
        ><span class="box" aria-hidden="true" />{{ unit.asset.name }}</Button
      >
      <span v-else class="small soft"
        ><Check v-if="done" :size="16" aria-hidden="true" /> {{ unit.asset.name }}</span
      >
    </li>
  </ul>
  <ul v-if="trip.length > 0" class="units small">
    <li v-for="one in trip" :key="one.line.key">
      <span class="soft">{{ t('today.sameTrip') }}</span>{{ ' ' }}
      <Button
        v-if="mayWrite && one.left.length > 0"
        text
        class="tick"
        :disabled="busy"
        :data-along="one.line.key"
        :aria-label="t('today.doneAlong', { title: one.title })"
        @click="emit('done', one.line, one.left)"
        ><span class="box" aria-hidden="true" />{{ one.title }}</Button
      >
      <span v-else class="soft"
        ><Check v-if="one.left.length === 0" :size="16" aria-hidden="true" /> {{ one.title }}</span
      >
    </li>
  </ul>
</template>

<style scoped>
.units {
  display: flex;
  flex-wrap: wrap;
  gap: 0 1rem;
}

.units svg {
  vertical-align: -0.125rem;
}

.tick {
  position: relative;
  z-index: 1;
  min-height: 1.75rem;
  padding: 0;
  border: 0;
  font-weight: 400;
}

.box {
  width: 0.875rem;
  height: 0.875rem;
  border: 1.5px solid currentcolor;
}

@media (pointer: coarse), (max-width: 44rem) {
  .tick {
    min-height: 2.75rem;
  }
}

@media print {
  .tick {
    display: inline-flex !important;
  }
}
</style>
