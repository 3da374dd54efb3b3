<script setup lang="ts">
import { computed } from 'vue';
import { gaugeOf, soundOn } from '../../core/readings/gauge.ts';
import type { Scale } from '../../core/readings/scale.ts';
import type { Verdict } from '../../core/basics/verdict.ts';
import type { Figure } from '../../core/readings/verdict.ts';
import { quantityText, verdictWord, type ReadingSpeech } from '../../locales/readings/readingText.ts';

/** A value on its bands: the edges with their numbers, the verdicts by name, a pointer at the value, and other approaches as lines below. */
const props = defineProps<{
  figure: Figure;
  scale: Scale;
  verdict: Verdict;
  others?: readonly { readonly name: string; readonly scale: Scale }[];
  speech: ReadingSpeech;
}>();

const WIDTH = 360;
const EDGE = 8;
const BAR = { y: 26, height: 18 };
/** The height of the line of one other approach, with its name. */
const LINE = 23;
/** About the width of a letter of this size. */
const LETTER = 5.8;

const x = (at: number): number => EDGE + at * (WIDTH - 2 * EDGE);
const gauge = computed(() => gaugeOf(props.scale, props.figure.value));
const said = computed(() => quantityText(props.speech, props.figure.value, props.figure.unit));
const edgeText = (value: number): string => quantityText(props.speech, value, props.figure.unit);
const place = (middle: number, text: string): number =>
  Math.min(WIDTH - (text.length * LETTER) / 2, Math.max((text.length * LETTER) / 2, middle));

const areas = computed(() =>
  (gauge.value?.stretches ?? []).map(({ verdict, from, to }) => {
    const word = verdictWord(verdict);
    const width = x(to) - x(from);
    return { verdict, left: x(from), width, word: word.length * LETTER < width - 4 ? word : '' };
  }),
);
/** The numbers of the edges; one that would lie over the one before it is left out, and the table says it. */
const edges = computed(() => {
  let free = 0;
  return (gauge.value?.stretches ?? []).flatMap(({ low, from }) => {
    if (low === null) return [];
    const text = edgeText(low);
    const middle = place(x(from), text);
    if (middle - (text.length * LETTER) / 2 < free) return [];
    free = middle + (text.length * LETTER) / 2 + 6;
    return [{ at: x(from), middle, text }];
  });
});
const lines = computed(() =>
  (props.others ?? []).flatMap(({ name, scale }) => {
    const sound = gauge.value && soundOn(gauge.value, scale);
    return sound ? [{ name, from: x(sound[0]), to: x(sound[1]) }] : [];
  }),
);
const height = computed(() => 76 + lines.value.length * LINE);
const label = computed(() => {
  const bands = areas.value.map(({ verdict }, at) => {
    const { low = null, high = null } = gauge.value?.stretches[at] ?? {};
    const ends = [low === null ? '' : edgeText(low), high === null ? '' : edgeText(high)];
    return `${verdictWord(verdict)}: ${ends.filter(Boolean).join(' – ')}`;
  });
  return [`${said.value}: ${verdictWord(props.verdict)}`, ...bands].join('. ');
});
</script>

<template>
  <svg
    v-if="gauge"
    class="gauge"
    role="img"
    data-gauge
    :aria-label="label"
    :viewBox="`0 0 ${WIDTH} ${height}`"
  >
    <g v-for="(area, at) in areas" :key="at" :class="area.verdict">
      <rect class="area" :x="area.left" :y="BAR.y" :width="Math.max(0, area.width)" :height="BAR.height" />
      <text
        v-if="area.word"
        class="word"
        :x="area.left + area.width / 2"
        :y="BAR.y + 45"
        text-anchor="middle"
      >
        {{ area.word }}
      </text>
    </g>
    <g v-for="edge in edges" :key="edge.at">
      <line class="edge" :x1="edge.at" :y1="BAR.y" :x2="edge.at" :y2="BAR.y + BAR.height + 3" />
      <text :x="edge.middle" :y="BAR.y + BAR.height + 14" text-anchor="middle">{{ edge.text }}</text>
    </g>
    <g class="pointer" :class="verdict">
      <path :d="`M${x(gauge.at) - 6} 15 h12 l-6 10 z`" />
      <text :x="place(x(gauge.at), `${said}  `)" y="12" text-anchor="middle">
        {{ gauge.beyond === 'below' ? '← ' : '' }}{{ said }}{{ gauge.beyond === 'above' ? ' →' : '' }}
      </text>
    </g>
    <g v-for="(line, at) in lines" :key="line.name" class="other">
      <text :x="EDGE" :y="86 + at * LINE">{{ line.name }}</text>
      <line :x1="line.from" :x2="line.to" :y1="92 + at * LINE" :y2="92 + at * LINE" />
    </g>
  </svg>
</template>

<style scoped>
.gauge {
  display: block;
  width: 100%;
  max-width: 28rem;
  font-family: var(--face);
  font-size: 11.5px;
  font-variant-numeric: tabular-nums;
}

text {
  fill: var(--soft);
}

/* A verdict shows by its name and by the strength of its tint: on gray paper too. */
.area {
  fill: var(--paper);
  stroke: var(--rule);
}

.sound .area {
  fill: color-mix(in srgb, var(--brine) 22%, var(--paper));
}

.watch .area {
  fill: color-mix(in srgb, var(--tan) 16%, var(--paper));
}

.act .area {
  fill: color-mix(in srgb, var(--rust) 24%, var(--paper));
}

.stop .area {
  fill: color-mix(in srgb, var(--rust) 60%, var(--paper));
}

.edge {
  stroke: var(--ink);
}

.sound .word {
  fill: var(--brine);
}

.act .word,
.stop .word {
  fill: var(--rust);
}

.pointer path {
  fill: var(--ink);
}

.pointer text {
  fill: var(--ink);
  font-weight: 600;
}

.pointer:is(.act, .stop) :is(path, text) {
  fill: var(--rust);
}

.pointer.sound :is(path, text) {
  fill: var(--brine);
}

.other line {
  stroke: var(--brine);
  stroke-width: 2.5;
}
</style>
