<script setup lang="ts">
import { computed } from 'vue';
import type { Step } from '../../core/practice/practice.ts';
import { stepsInWords } from '../../locales/stepText.ts';
import { words, type Speech } from '../../locales/speech.ts';
import AppSign from './AppSign.vue';

/** The steps of some work in their order, each with its cautions before it. */
const props = defineProps<{ steps: readonly Step[]; speech: Speech }>();
const shown = computed(() => stepsInWords(props.speech, props.steps));
/** The looks of a step, with how each is judged. */
const looksOf = (place: number) =>
  (props.steps[place]?.looks ?? []).map(({ asks, choices }) => ({
    asks: words(props.speech, asks),
    choices: choices.map(({ says, verdict }) => ({ says: words(props.speech, says), verdict })),
  }));
</script>

<template>
  <ol>
    <li v-for="(step, index) in shown" :key="index">
      <template v-for="caution in step.cautions" :key="caution">
        <span class="caution">{{ caution }}</span>
      </template>
      <em v-if="step.stage">{{ step.stage }}: </em>{{ step.says }}
      <span v-for="look in looksOf(index)" :key="look.asks" class="look small">
        {{ look.asks }}
        <span v-for="choice in look.choices" :key="choice.says" class="choice"
          ><AppSign :name="choice.verdict" /> {{ choice.says }}</span
        >
      </span>
    </li>
  </ol>
</template>

<style scoped>
ol {
  counter-reset: step;
}

li {
  counter-increment: step;
  padding-left: 1.75rem;
}

li::before {
  content: counter(step);
  float: left;
  margin-left: -1.75rem;
  color: var(--soft);
}

.look {
  display: flex;
  flex-wrap: wrap;
  gap: 0 1rem;
  color: var(--soft);
}

.caution {
  display: block;
  padding-left: 0.5rem;
  border-left: 3px solid var(--rust);
  color: var(--rust);
  font-size: 0.9375rem;
}
</style>
