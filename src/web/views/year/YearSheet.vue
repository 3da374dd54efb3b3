<script setup lang="ts">
import { useElementSize } from '@vueuse/core';
import { computed, ref, useTemplateRef } from 'vue';
import type { Speech } from '../../../locales/speech.ts';
import type { ShownPlan } from '../../parts/plan/usePlan.ts';
import { rowsOf, type Mark } from './marks.ts';
import SheetBackground from './SheetBackground.vue';
import SheetHours from './SheetHours.vue';
import SheetMark from './SheetMark.vue';
import { LABELS, scaleOf, type Stretch } from './sheetScale.ts';

/**
 * The year on one sheet: weeks across, systems down. Marks are dragged, or chosen and moved with the arrow keys; where one would come to
 * stand is told while it moves.
 */
const props = defineProps<{
  shown: ShownPlan;
  stretch: Stretch;
  chosen: string | null;
  /** The week the chosen mark is held over. */
  trying: number | null;
  speech: Speech;
  mayMove: boolean;
}>();
const emit = defineEmits<{
  choose: [mark: Mark];
  try: [mark: Mark, week: number];
  put: [mark: Mark, week: number];
  leave: [];
}>();

const ROW = 30;
const HEAD = 44;
const HOURS = 84;

const frame = useTemplateRef('frame');
const { width } = useElementSize(frame);
const rows = computed(() => rowsOf(props.shown));
const scale = computed(() => scaleOf(props.shown.toPlan.weeks, props.stretch, Math.max(480, width.value)));
const height = computed(() => HEAD + rows.value.length * ROW + HOURS);
const rowTop = (index: number): number => HEAD + index * ROW;
const onScreen = (mark: Mark): boolean =>
  mark.week >= props.stretch.from && mark.week < props.stretch.from + props.stretch.count;

/** A mark that is being dragged, and where the pointer went down. */
const dragged = ref<{ mark: Mark; x: number; moved: boolean } | null>(null);
const weekOf = (event: PointerEvent): number => {
  const box = frame.value?.getBoundingClientRect();
  return scale.value.weekAt(event.clientX - (box?.left ?? 0));
};
function onDown(mark: Mark, event: PointerEvent): void {
  emit('choose', mark);
  if (!props.mayMove || event.button !== 0) return;
  (event.target as Element).setPointerCapture(event.pointerId);
  dragged.value = { mark, x: event.clientX, moved: false };
}
/** A tap shakes by a few px: less than that is no drag. */
const SHAKE = 4;
function onMove(event: PointerEvent): void {
  const drag = dragged.value;
  if (!drag) return;
  if (!drag.moved && Math.abs(event.clientX - drag.x) < SHAKE) return;
  drag.moved = true;
  emit('try', drag.mark, weekOf(event));
}
function onUp(event: PointerEvent): void {
  const drag = dragged.value;
  dragged.value = null;
  if (drag?.moved) emit('put', drag.mark, weekOf(event));
}
function onCancel(): void {
  dragged.value = null;
  emit('leave');
}

const marks = computed(() => rows.value.flatMap((row) => row.marks.filter(onScreen)));
function onKey(mark: Mark, event: KeyboardEvent): void {
  const step = { ArrowLeft: -1, ArrowRight: 1 }[event.key];
  const turn = { ArrowUp: -1, ArrowDown: 1 }[event.key];
  if (step !== undefined && props.mayMove) {
    const week = (props.chosen === mark.key ? (props.trying ?? mark.week) : mark.week) + step;
    emit('try', mark, Math.min(props.shown.toPlan.weeks.count - 1, Math.max(0, week)));
  } else if (turn !== undefined) focusOn(marks.value.indexOf(mark) + turn);
  else if (event.key === 'Enter' || event.key === ' ') {
    if (props.chosen === mark.key && props.trying !== null) emit('put', mark, props.trying);
    else emit('choose', mark);
  } else if (event.key === 'Escape') emit('leave');
  else return;
  event.preventDefault();
}
function focusOn(index: number): void {
  const next = marks.value[index];
  if (next) frame.value?.querySelector<SVGElement>(`[data-mark="${next.key}"]`)?.focus();
}
/** One mark takes part in the order of tabs: the chosen one, else the first. */
const inTabs = computed(
  () => marks.value.find(({ key }) => key === props.chosen)?.key ?? marks.value[0]?.key ?? null,
);
const past = computed(() =>
  props.shown.body.past.flatMap((one) => {
    const system = props.shown.body.tasks.find(({ duty }) => duty === one.duty)?.system;
    const index = rows.value.findIndex((row) => row.system === system);
    const x = scale.value.ofDate(one.day);
    return index < 0 || x < LABELS ? [] : [{ ...one, x, y: rowTop(index) + ROW / 2 }];
  }),
);
</script>

<template>
  <div ref="frame" class="year-frame">
    <svg
      v-if="width > 0"
      class="year-sheet"
      :width="Math.max(480, width)"
      :height="height"
      :viewBox="`0 0 ${Math.max(480, width)} ${height}`"
      role="group"
      :aria-label="speech.t('plan.sheet')"
    >
      <SheetBackground
        :shown="shown"
        :scale="scale"
        :rows="rows.map(({ system }) => system)"
        :row-height="ROW"
        :head="HEAD"
        :tail="HOURS"
        :speech="speech"
      />
      <g v-for="one in past" :key="`${one.duty} ${one.day} ${one.was}`" :class="['past', one.was]">
        <circle v-if="one.was === 'done'" :cx="one.x" :cy="one.y" r="3" />
        <path v-else :d="`M${one.x - 3} ${one.y - 3}l6 6m0 -6l-6 6`" />
        <title>{{ `${speech.dutyTitle(one.duty)}: ${speech.t(`plan.${one.was}`)}` }}</title>
      </g>
      <template v-for="(row, index) in rows" :key="row.system">
        <SheetMark
          v-for="mark in row.marks.filter(onScreen)"
          :key="mark.key"
          :mark="mark"
          :scale="scale"
          :y="rowTop(index) + ROW / 2"
          :hours-top="HEAD + rows.length * ROW"
          :chosen="mark.key === chosen"
          :trying="mark.key === chosen ? trying : null"
          :may-move="mayMove"
          :in-tabs="mark.key === inTabs"
          :speech="speech"
          @pointerdown="onDown(mark, $event)"
          @pointermove="onMove"
          @pointerup="onUp"
          @pointercancel="onCancel"
          @keydown="onKey(mark, $event)"
        />
      </template>
      <SheetHours
        :weeks="shown.year.weeks"
        :scale="scale"
        :stretch="stretch"
        :top="HEAD + rows.length * ROW"
        :height="HOURS"
        :speech="speech"
      />
    </svg>
  </div>
</template>

<style>
.year-frame {
  min-height: 20rem;
  overflow: hidden;
}

/* A finger moves marks across; up and down it still moves the page. */
.year-sheet {
  display: block;
  touch-action: pan-y;
  font-size: 12px;
}

@media print {
  .year-sheet {
    width: 100%;
    height: auto;
    max-height: 150mm;
  }
}

.year-sheet text {
  fill: var(--ink);
}

.year-sheet .past circle {
  fill: var(--soft);
}

.year-sheet .past path {
  stroke: var(--rust);
  stroke-width: 1.6;
}
</style>
