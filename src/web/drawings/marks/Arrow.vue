<script setup lang="ts">
import { computed } from 'vue';
import type { Tone } from './words.ts';

/** A line of straight pieces with a head at its end. `path`: `x y x y`, as many points as there are. */
const props = withDefaults(defineProps<{ path: string; tone?: Tone; both?: boolean }>(), {
  tone: 'do',
  both: false,
});

const HEAD = 7;
const SPREAD = 0.5;
const points = computed(() => {
  const numbers = props.path.split(' ').map(parseFloat);
  return numbers.flatMap((x, place) => (place % 2 === 0 ? [[x, numbers[place + 1] ?? 0] as const] : []));
});

/** The two strokes of a head at a point that is reached from another. */
function head([x, y]: readonly [number, number], [fromX, fromY]: readonly [number, number]): string {
  const angle = Math.atan2(y - fromY, x - fromX);
  const end = (turn: number): string =>
    `${x - HEAD * Math.cos(angle + turn)} ${y - HEAD * Math.sin(angle + turn)}`;
  return `M${end(SPREAD)} L${x} ${y} L${end(-SPREAD)}`;
}
const drawn = computed(() => {
  const all = points.value;
  const [first, second, last, before] = [all[0], all[1], all.at(-1), all.at(-2)];
  if (!first || !second || !last || !before) return '';
  const line = `M${all.map((point) => point.join(' ')).join(' L')}`;
  return [line, head(last, before), ...(props.both ? [head(first, second)] : [])].join(' ');
});
</script>

<template>
  <path class="arrow" :class="tone" :d="drawn" />
</template>
