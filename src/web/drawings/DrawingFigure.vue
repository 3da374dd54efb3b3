<script setup lang="ts">
import { computed } from 'vue';
import type { DrawingName } from '../../core/catalogue/drawings/names.ts';
import { drawingText } from '../../locales/drawings/drawingText.ts';
import type { Speech } from '../../locales/speech.ts';
import DrawingSvg from './DrawingSvg.vue';

/** A drawing with its caption: its title, and the one thing that matters. */
const props = defineProps<{ name: DrawingName; wording: Speech['wording'] }>();
const text = computed(() => drawingText(props.name, props.wording));
</script>

<template>
  <figure class="drawn" :data-drawing="name">
    <DrawingSvg :key="name" :name="name" :wording="wording" />
    <figcaption class="small">
      <strong>{{ text.title }}.</strong> <span class="soft">{{ text.says }}</span>
    </figcaption>
  </figure>
</template>

<style scoped>
.drawn {
  max-width: 28rem;
  margin: 0;
  break-inside: avoid;
}

figcaption {
  padding-top: 0.25rem;
}
</style>
