<script setup lang="ts">
import { computed } from 'vue';
import { useLabels, type Tone } from './words.ts';

/** The label of a part, in one line or more, with a hairline to the part where it stands apart from it. */
const props = withDefaults(
  defineProps<{
    n: string;
    x: number;
    y: number;
    tone?: Tone;
    at?: 'start' | 'middle' | 'end';
    /** The hairline, `x y x y`: it ends with a dot on the part. */
    line?: string;
  }>(),
  { tone: 'part', at: 'start', line: '' },
);

const LINE_HEIGHT = 14;
const labelOf = useLabels();
const lines = computed(() => labelOf(props.n));
const leader = computed(() => (props.line === '' ? null : props.line.split(' ').map(parseFloat)));
</script>

<template>
  <g>
    <template v-if="leader">
      <line class="hair" :x1="leader[0]" :y1="leader[1]" :x2="leader[2]" :y2="leader[3]" />
      <circle class="dot" :cx="leader[2]" :cy="leader[3]" r="1.8" />
    </template>
    <text :class="tone" :x="x" :y="y" :text-anchor="at">
      <tspan v-for="(words, place) in lines" :key="place" :x="x" :dy="place === 0 ? 0 : LINE_HEIGHT">{{
        words
      }}</tspan>
    </text>
  </g>
</template>
