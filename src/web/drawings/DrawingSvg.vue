<script setup lang="ts">
import { computed, useId } from 'vue';
import type { DrawingName } from '../../core/catalogue/drawings/names.ts';
import { drawingText } from '../../locales/drawings/drawingText.ts';
import type { Speech } from '../../locales/speech.ts';
import { DRAWINGS } from './all.ts';
import './drawings.css';
import { giveLabels } from './marks/words.ts';

/** A drawing in its frame. To those who cannot see it, its text says the same. `bare`: small, without words, beside words that name it. */
const props = defineProps<{ name: DrawingName; wording: Speech['wording']; bare?: boolean }>();

const WIDTH = 360;
const HEIGHT = 230;
const id = useId();
const text = computed(() => drawingText(props.name, props.wording));
giveLabels((part) => {
  const label = text.value.labels[part];
  if (label === undefined) throw new Error(`the drawing ${props.name} has no label ${part}`);
  return label.split('\n');
});
</script>

<template>
  <svg
    class="drawing"
    :class="{ bare }"
    :role="bare ? undefined : 'img'"
    :aria-hidden="bare ? true : undefined"
    :viewBox="`0 0 ${WIDTH} ${HEIGHT}`"
    :aria-labelledby="bare ? undefined : `${id}-title ${id}-text`"
  >
    <template v-if="!bare">
      <title :id="`${id}-title`">{{ text.title }}</title>
      <desc :id="`${id}-text`">{{ text.shows }}</desc>
    </template>
    <component :is="DRAWINGS[name]" :key="name" />
  </svg>
</template>
