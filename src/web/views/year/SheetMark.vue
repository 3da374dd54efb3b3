<script setup lang="ts">
import { computed } from 'vue';
import type { Speech } from '../../../locales/speech.ts';
import type { Mark, MarkKind } from './marks.ts';
import type { Scale } from './sheetScale.ts';

/** One mark of the sheet: its shape says what it is, the line behind it in which weeks it may be, a ring that it was put there by hand. */
const props = defineProps<{
  mark: Mark;
  scale: Scale;
  y: number;
  /** Where the hours begin: a visit is tied to its week. */
  hoursTop: number;
  chosen: boolean;
  trying: number | null;
  mayMove: boolean;
  inTabs: boolean;
  speech: Speech;
}>();

const SIZE = 7;
/** The width of a letter beside a mark, px, and the least of them that say anything. */
const LETTER = 6;
const LEAST_LETTERS = 8;
/** Marks of one week stand one beside the other. */
const OFFSET = { own: 0, trade: -9, shut: 9 };

/** The outline of each shape around a point. */
const PATHS: Readonly<Record<MarkKind | 'late', (x: number, y: number) => string>> = {
  late: (cx, cy) => `M${cx - 6} ${cy - 6}h12v12h-12z`,
  trade: (cx, cy) => `M${cx} ${cy - SIZE}l${SIZE} ${SIZE * 1.8}h-${SIZE * 2}z`,
  shut: (cx, cy) => `M${cx} ${cy - SIZE}l${SIZE} ${SIZE}l-${SIZE} ${SIZE}l-${SIZE} -${SIZE}z`,
  own: (cx, cy) =>
    `M${cx - SIZE} ${cy}a${SIZE} ${SIZE} 0 1 0 ${SIZE * 2} 0a${SIZE} ${SIZE} 0 1 0 -${SIZE * 2} 0z`,
};
const week = computed(() => props.trying ?? props.mark.week);
const x = computed(() => props.scale.ofWeek(week.value));
const at = computed(() => props.y + OFFSET[props.mark.kind]);
const shape = computed(() => (props.mark.late ? 'late' : props.mark.kind));
const path = computed(() => PATHS[shape.value](x.value, at.value));
/** The weeks it may be in, cut to the sheet. */
const span = computed(() => ({
  from: Math.max(props.scale.left, props.scale.weekStart(props.mark.first)),
  to: Math.min(props.scale.right, props.scale.weekStart(props.mark.last + 1)),
}));
const shownSpan = computed(() => props.chosen || props.mark.tasks.length === 1);
/** Its tasks in words, cut to the room a week has; none where that is too little to read. */
const words = computed(() => {
  const room = Math.floor((props.scale.perWeek - 24) / LETTER);
  if (room < LEAST_LETTERS) return '';
  const all = props.mark.tasks.map(({ task }) => props.speech.dutyTitle(task.duty)).join(', ');
  return all.length > room ? `${all.slice(0, room - 1)}…` : all;
});
const label = computed(() => {
  const { t, formats, today, dutyTitle } = props.speech;
  const [first] = props.mark.tasks;
  const what =
    props.mark.tasks.length === 1 && first
      ? dutyTitle(first.task.duty)
      : t('plan.markMany', { n: props.mark.tasks.length, system: t(`system.${props.mark.system}`) });
  const when = first ? formats.date(first.day, today) : '';
  const parts = [what, when, props.mark.late ? t('plan.late') : '', props.mark.held ? t('plan.byHand') : ''];
  return parts.filter(Boolean).join(', ');
});
</script>

<template>
  <g :class="['mark', shape, { chosen, trying: trying !== null }]">
    <path v-if="mark.kind === 'trade'" class="tie" :d="`M${x} ${at + 8}V${hoursTop}`" aria-hidden="true" />
    <path
      v-if="shownSpan"
      class="span"
      :d="`M${span.from} ${at - 4}v8m0 -4H${span.to}m0 -4v8`"
      aria-hidden="true"
    />
    <g
      class="handle"
      :class="{ movable: mayMove }"
      role="button"
      :tabindex="inTabs ? 0 : -1"
      :data-mark="mark.key"
      :aria-label="label"
      :aria-pressed="chosen"
    >
      <rect class="hit" :x="x - 12" :y="at - 12" width="24" height="24" />
      <circle v-if="mark.held" class="ring" :cx="x" :cy="at" :r="SIZE + 4" />
      <path class="sign" :d="path" />
      <text v-if="mark.tasks.length > 1" class="count" :x="x" :y="at + 4">{{ mark.tasks.length }}</text>
      <text v-if="words" class="words" :x="x + 12" :y="at + 4">{{ words }}</text>
      <title>{{ label }}</title>
    </g>
  </g>
</template>

<style>
.mark .tie {
  stroke: var(--slate);
  stroke-dasharray: 2 4;
}

.mark .hit {
  fill: transparent;
}

.mark .handle {
  cursor: pointer;
}

.mark .handle.movable {
  cursor: grab;
}

.mark .handle:focus {
  outline: none;
}

.mark .handle:focus-visible .hit {
  stroke: var(--rust);
  stroke-width: 2;
}

.mark .sign {
  fill: var(--brine);
}

.mark.trade .sign {
  fill: var(--slate);
}

.mark.shut .sign {
  fill: var(--ink);
}

.mark.late .sign {
  fill: var(--rust);
}

.mark .span {
  fill: none;
  stroke: var(--brine);
  opacity: 0.45;
}

.mark.late .span {
  stroke: var(--rust);
}

.mark.chosen .span {
  opacity: 1;
  stroke-width: 1.6;
}

.mark .ring {
  fill: none;
  stroke: var(--ink);
  stroke-width: 1.2;
}

.mark.chosen .sign {
  stroke: var(--ink);
  stroke-width: 2;
}

.year-sheet .mark .count {
  fill: var(--paper);
  font-size: 10px;
  font-weight: 600;
  text-anchor: middle;
}

.year-sheet .mark .words {
  stroke: var(--paper);
  stroke-width: 3px;
  paint-order: stroke;
}

.mark.trying .sign {
  opacity: 0.75;
}
</style>
