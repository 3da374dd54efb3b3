<script setup lang="ts">
import Button from 'primevue/button';
import { computed, ref, watch } from 'vue';
import type { DrawingName } from '../../core/catalogue/drawings/names.ts';
import type { Speech } from '../../locales/speech.ts';
import LazyDrawing from './LazyDrawing.vue';

/** The drawings of some work: the first, and the others behind a button. `folded`: all of them behind it. */
const props = defineProps<{
  names: readonly DrawingName[];
  speech: Pick<Speech, 't' | 'wording'>;
  folded?: boolean;
}>();
const opened = ref(false);
watch(
  () => props.names.join(),
  () => {
    opened.value = false;
  },
);
const shown = computed(() => (opened.value ? props.names : props.names.slice(0, props.folded ? 0 : 1)));
const left = computed(() => props.names.length - shown.value.length);
</script>

<template>
  <div v-if="names.length > 0" class="drawings">
    <LazyDrawing v-for="name in shown" :key="name" :name="name" :wording="speech.wording" />
    <p v-if="left > 0" class="no-print">
      <Button text data-act="more-drawings" @click="opened = true">{{
        speech.t(shown.length === 0 ? 'drawings.show' : 'drawings.more', { n: left }, left)
      }}</Button>
    </p>
  </div>
</template>

<style scoped>
.drawings {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(18rem, 100%), 1fr));
  gap: var(--line) 2rem;
  align-items: end;
}
</style>
