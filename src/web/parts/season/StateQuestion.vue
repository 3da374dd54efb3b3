<script setup lang="ts">
import Button from 'primevue/button';
import type { Speech } from '../../../locales/speech.ts';

/** A question about something shut off for the season, answered where it is asked. */
defineProps<{ question: string; speech: Speech; busy: boolean; mayWrite: boolean }>();
const emit = defineEmits<{ answer: [shut: boolean] }>();
</script>

<template>
  <p class="question" data-test="state-question">
    <span>{{ question }}</span>
    <span v-if="mayWrite" class="answers no-print">
      <Button
        outlined
        :disabled="busy"
        :label="speech.t('strip.yes')"
        :aria-label="`${speech.t('strip.yes')}: ${question}`"
        @click="emit('answer', true)"
      />
      <Button
        outlined
        :disabled="busy"
        :label="speech.t('strip.no')"
        :aria-label="`${speech.t('strip.no')}: ${question}`"
        @click="emit('answer', false)"
      />
    </span>
  </p>
</template>

<style scoped>
.question {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 0.25rem 0.75rem;
}

.answers {
  display: inline-flex;
  gap: 0.5rem;
}
</style>
