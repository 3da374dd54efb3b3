<script setup lang="ts">
import DateMargin from './DateMargin.vue';
import type { CivilDate } from '../../core/calendar/civilDate.ts';
import type { Speech } from '../../locales/speech.ts';

/** One line of the book: the date in its margin, the double rule, the text, and at its end what can be done. */
defineProps<{ date: CivilDate; speech: Speech; grave?: boolean }>();
</script>

<template>
  <li class="line">
    <DateMargin :date="date" :speech="speech" :grave="grave ?? false" />
    <div class="text"><slot /></div>
    <p class="acts"><slot name="acts" /></p>
  </li>
</template>

<style scoped>
.line {
  display: grid;
  grid-template-columns: var(--margin-column) 1fr var(--acts);
  gap: 0 1.5rem;
  padding: calc(var(--line) / 2) 0;
}

.text {
  min-width: 0;
  margin: calc(var(--line) / -2) 0 calc(var(--line) / -2) -0.75rem;
  padding: calc(var(--line) / 2) 0 calc(var(--line) / 2) 1.5rem;
  border-left: 3px double var(--rule);
  overflow-wrap: anywhere;
}

.acts {
  display: grid;
  grid-template-columns: repeat(auto-fill, 7.5rem);
  gap: 0 1rem;
  align-content: start;
  justify-items: start;
  white-space: nowrap;
}

@media (max-width: 44rem) {
  .line {
    grid-template-columns: var(--margin-column) 1fr;
    gap: 0 0.5rem;
  }

  .text {
    margin: calc(var(--line) / -2) 0 0;
    padding-left: 0.75rem;
    padding-bottom: 0;
  }

  .acts {
    grid-column: 2;
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    margin-bottom: calc(var(--line) / -2);
    padding: calc(var(--line) / 4) 0 calc(var(--line) / 2) 0.75rem;
    border-left: 3px double var(--rule);
  }
}

@media print {
  .line {
    grid-template-columns: var(--margin-column) 1fr 2rem;
  }
}
</style>
