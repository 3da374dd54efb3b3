<script setup lang="ts">
import { computed } from 'vue';

/** A flame standing on a point. A good one is blue and steady, a bad one tall, yellow and bent: told by shape before color. */
const props = withDefaults(defineProps<{ x: number; y: number; good?: boolean; h?: number }>(), {
  good: true,
  h: 34,
});
const outline = computed(() => {
  const { x, y, h, good } = props;
  const w = good ? 7 : 8;
  const lean = good ? 0 : w;
  return `M${x} ${y} C${x - w * 1.6} ${y - h * 0.2} ${x - w} ${y - h * 0.6} ${x + lean} ${y - h} C${x + w * 0.4 + lean} ${y - h * 0.7} ${x + w * 1.6} ${y - h * 0.3} ${x} ${y} Z`;
});
</script>

<template>
  <path :class="good ? 'flame-good' : 'flame-bad'" :d="outline" />
</template>
