<script setup lang="ts">
import { computed } from 'vue';
import type { CivilDate } from '../../core/calendar/civilDate.ts';
import type { Speech } from '../../locales/speech.ts';

/** The date margin of a line: a large day, its month and weekday, and how far off it is. */
const props = defineProps<{ date: CivilDate; speech: Speech; grave?: boolean }>();

const parts = computed(() => props.speech.formats.dayParts(props.date));
/** The year has a line of its own, where it is not this one. */
const year = computed(() => {
  const own = props.date.slice(0, 4);
  return own === props.speech.today.slice(0, 4) ? null : own;
});
const distance = computed(() => props.speech.formats.distance(props.speech.today, props.date));
</script>

<template>
  <div class="date-margin" :class="{ grave }">
    <time :datetime="date">
      <span v-for="(part, index) in parts" :key="index" :class="{ day: part.isDay }">{{ part.text }}</span>
      <span v-if="year" class="year">{{ year }}</span>
    </time>
    <span class="soft small"
      ><span class="weekday">{{ speech.formats.weekday(date) }}, </span>{{ distance }}</span
    >
  </div>
</template>

<style scoped>
.date-margin {
  display: flex;
  flex-direction: column;
  text-align: right;
}

.day {
  font-size: 1.875rem;
  line-height: var(--line);
  font-weight: 400;
}

.year {
  display: block;
  line-height: 1.25rem;
}

time {
  white-space: nowrap;
}

.grave time {
  color: var(--rust);
}
</style>
