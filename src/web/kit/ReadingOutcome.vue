<script setup lang="ts">
import AppSign from './AppSign.vue';
import type { Reading } from '../../core/readings/reading.ts';
import ReadingGauges from './ReadingGauges.vue';
import type { Outcome } from '../../core/readings/verdict.ts';
import {
  becauseText,
  figureText,
  followText,
  missingText,
  schoolText,
  verdictText,
  verdictWord,
  type ReadingSpeech,
} from '../../locales/readings/readingText.ts';

/** The result of a reading: the verdict by word and shape, the value on its bands, why, the numbers, and what follows. */
defineProps<{ outcome: Outcome; reading: Reading; speech: ReadingSpeech }>();
</script>

<template>
  <div class="outcome" :data-verdict="outcome.kind === 'judged' ? outcome.verdict : outcome.kind">
    <template v-if="outcome.kind === 'judged'">
      <p class="verdict" :class="outcome.verdict">
        <AppSign :name="outcome.verdict" />{{ ' ' }}{{ verdictText(speech, outcome) }}
        <span v-if="outcome.school" class="soft small school">{{ schoolText(speech, outcome.school) }}</span>
      </p>
      <ReadingGauges :parts="outcome.parts" :reading="reading" :school="outcome.school" :speech="speech" />
      <ul class="parts">
        <li v-for="(part, place) in outcome.parts" :key="place" :class="part.verdict">
          <AppSign :name="part.verdict" :label="verdictWord(part.verdict)" />
          <span>{{ becauseText(speech, part.because) }}</span>
        </li>
      </ul>
    </template>
    <p v-else-if="outcome.kind === 'unmet'" class="notice">
      {{
        speech.t('bench.nothing', {
          missing: speech.formats.list(outcome.missing.map((code) => missingText(speech, code))),
        })
      }}
    </p>
    <template v-if="outcome.kind !== 'unmet' && outcome.follows.length > 0">
      <h3>{{ speech.t('bench.follows') }}</h3>
      <ul class="follows">
        <li v-for="(follow, place) in outcome.follows" :key="place">{{ followText(speech, follow) }}</li>
      </ul>
    </template>
    <template v-if="outcome.figures.length > 0">
      <h3>{{ speech.t('bench.figures') }}</h3>
      <ul class="figures">
        <li v-for="figure in outcome.figures" :key="figure.code">{{ figureText(speech, figure) }}</li>
      </ul>
    </template>
  </div>
</template>

<style scoped>
.verdict {
  font-size: 1.5rem;
  line-height: 2rem;
  font-weight: 600;
}

.verdict :deep(.sign) {
  width: 1.5rem;
  height: 1.5rem;
}

.verdict.act,
.verdict.stop,
.parts .act :deep(.sign),
.parts .stop :deep(.sign) {
  color: var(--rust);
}

.verdict.sound,
.parts .sound :deep(.sign) {
  color: var(--brine);
}

.verdict.stop {
  padding-left: 0.75rem;
  border-left: 6px solid var(--rust);
}

.school {
  margin-left: 0.5rem;
  font-weight: 400;
}

.parts li {
  display: flex;
  gap: 0.5rem;
  align-items: baseline;
}

h3 {
  margin: calc(var(--line) / 2) 0 0;
  font-size: 1.0625rem;
}

.follows li,
.figures li {
  padding-left: 1rem;
  text-indent: -1rem;
}

.follows li::before,
.figures li::before {
  content: '– ';
}
</style>
