<script setup lang="ts">
import Button from 'primevue/button';
import { computed, ref } from 'vue';
import { areaSoFar } from '../../../core/readings/gaps.ts';
import type { Reading } from '../../../core/readings/reading.ts';
import { readTyped, typedOf, type Measures, type Typed } from '../../../core/readings/typed.ts';
import { quantityText, type ReadingSpeech } from '../../../locales/readings/readingText.ts';

/** Gaps one after the other: each is added to those before, until they are one hole. */
const props = defineProps<{ typed: Typed; reading: Reading; measures: Measures; speech: ReadingSpeech }>();
const emit = defineEmits<{ change: [typed: Typed] }>();

const t = computed(() => props.speech.t);
const added = ref(0);
const area = computed(() => {
  const { given, problems } = readTyped(props.reading, props.typed, props.measures);
  return problems.length > 0 ? null : areaSoFar(props.reading, given);
});

/** Takes the gap into the sum; its fields are empty for the next one. */
function add(): void {
  const field = props.reading.fields['more-area'];
  if (area.value === null || !field) return;
  const sum = typedOf(field, { value: area.value, unit: 'in2' }, props.measures);
  added.value += 1;
  emit('change', { 'more-area': sum, length: '', gap: '' });
}
</script>

<template>
  <p class="gaps">
    <Button outlined data-act="add-gap" :disabled="area === null" @click="add">{{ t('gaps.add') }}</Button>
    <span v-if="added > 0" class="small" role="status">{{ t('gaps.added', { n: added }, added) }}</span>
    <span v-else-if="area !== null" class="small soft">{{
      t('gaps.soFar', { n: quantityText(speech, area, 'in2') })
    }}</span>
  </p>
</template>

<style scoped>
.gaps {
  display: flex;
  flex-wrap: wrap;
  gap: 0.5rem 1rem;
  align-items: center;
}
</style>
