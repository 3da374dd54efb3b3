<script setup lang="ts">
import Button from 'primevue/button';
import { computed, ref } from 'vue';
import AppSign from '../../kit/AppSign.vue';
import ContactList from '../../kit/ContactList.vue';
import TextField from '../../kit/TextField.vue';
import type { FactValue } from '../../../core/basics/factValue.ts';
import type { Speech } from '../../../locales/speech.ts';
import type { StopInWords } from '../../../locales/stopText.ts';

/** A stop: what to do now. Everything else waits until it is answered. */
const props = defineProps<{
  title: string;
  help: StopInWords;
  /** The traits that say whom to call. */
  facts: Readonly<Record<string, FactValue>>;
  country: FactValue | undefined;
  speech: Speech;
}>();
const emit = defineEmits<{ answer: [why: string] }>();
const t = computed(() => props.speech.t);
const why = ref('');
</script>

<template>
  <section class="stop" role="alertdialog" :aria-label="t('run.stopTitle')">
    <h2><AppSign name="stop" />{{ ' ' }}{{ t('run.stopTitle') }}</h2>
    <p>{{ title }}</p>
    <ul>
      <li v-for="line in [...help.why, ...help.now]" :key="line">{{ line }}</li>
    </ul>
    <p v-for="line in help.call" :key="line">
      <strong>{{ line }}</strong>
    </p>
    <div>
      <h3>{{ t('sheet.numbers') }}</h3>
      <ContactList :facts="facts" :country="country" :speech="speech" />
    </div>
    <p class="small">{{ t('run.stopLead') }}</p>
    <TextField v-model="why" :label="t('run.stopCalled')" maxlength="200" />
    <p>
      <Button severity="danger" data-act="stop-answer" @click="emit('answer', why.trim())">{{
        t('run.stopAnswer')
      }}</Button>
    </p>
  </section>
</template>

<style scoped>
.stop {
  display: grid;
  gap: calc(var(--line) / 2);
  padding: var(--line) 1.25rem;
  border: 3px solid var(--rust);
}

h2 {
  color: var(--rust);
  font-size: 2rem;
  line-height: 2.25rem;
}

h2 :deep(.sign) {
  width: 2rem;
  height: 2rem;
}

h3 {
  font-size: 1rem;
}

li {
  font-size: 1.375rem;
  line-height: 2rem;
}
</style>
