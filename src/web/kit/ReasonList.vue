<script setup lang="ts">
import type { Reason } from '../../core/schedule/reason.ts';
import { reasonText } from '../../locales/reasonText.ts';
import type { Speech } from '../../locales/speech.ts';

/** The derivation of a date, step by step in the order taken. */
defineProps<{ reasons: readonly Reason[]; speech: Speech; heading?: string }>();
</script>

<template>
  <div class="reasons">
    <p v-if="heading" class="heading">{{ heading }}</p>
    <ol>
      <li v-for="(reason, index) in reasons" :key="index">{{ reasonText(speech, reason) }}</li>
    </ol>
  </div>
</template>

<style scoped>
.reasons {
  margin: calc(var(--line) / 4) 0;
  padding-left: 0.75rem;
  border-left: 1px solid var(--brine);
  font-size: 0.9375rem;
}

.heading {
  font-weight: 600;
}

ol {
  counter-reset: step;
}

li {
  counter-increment: step;
  padding-left: 1.5rem;
  text-indent: -1.5rem;
}

li::before {
  content: counter(step);
  display: inline-block;
  width: 1.5rem;
  text-indent: 0;
  color: var(--soft);
}
</style>
