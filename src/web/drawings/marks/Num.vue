<script setup lang="ts">
import type { Tone } from './words.ts';

/** The number of a step or a place, in the order they are gone through. */
withDefaults(defineProps<{ n: number; x: number; y: number; tone?: Tone }>(), {
  tone: 'do',
});
</script>

<template>
  <g class="num" :class="tone">
    <circle :cx="x" :cy="y" r="8.5" />
    <text :x="x" :y="y + 4" text-anchor="middle">{{ n }}</text>
  </g>
</template>
