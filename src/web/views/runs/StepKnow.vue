<script setup lang="ts">
import { computed } from 'vue';
import AppSign from '../../kit/AppSign.vue';
import type { Practice } from '../../../core/practice/practice.ts';
import { VERDICTS } from '../../../core/basics/verdict.ts';
import { words, type Speech } from '../../../locales/speech.ts';

/** Help at a step: what to look for where no choice already says it, why it is done, usual mistakes. */
const props = defineProps<{ practice: Practice; signs: boolean; speech: Speech }>();
const t = computed(() => props.speech.t);
const lines = computed(() =>
  props.signs
    ? VERDICTS.flatMap((verdict) => {
        const says = props.practice.judge[verdict];
        return says === undefined ? [] : [{ verdict, says: words(props.speech, says) }];
      })
    : [],
);
</script>

<template>
  <div class="know small">
    <template v-if="lines.length > 0">
      <strong>{{ t('run.lookFor') }}</strong>
      <ul>
        <li v-for="{ verdict, says } in lines" :key="verdict">
          <AppSign :name="verdict" />{{ ' ' }}{{ t(`practices.verdict.${verdict}`) }}: {{ says }}
        </li>
      </ul>
    </template>
    <details>
      <summary>{{ t('run.know') }}</summary>
      <p>{{ words(speech, practice.why) }}</p>
      <template v-if="practice.mistakes.length > 0">
        <strong>{{ t('run.mistakes') }}</strong>
        <ul>
          <li v-for="mistake in practice.mistakes" :key="mistake">{{ words(speech, mistake) }}</li>
        </ul>
      </template>
    </details>
  </div>
</template>

<style scoped>
.know {
  display: grid;
  gap: 0.25rem;
}

ul {
  margin: 0;
}
</style>
