<script setup lang="ts">
import type { Verdict } from '../../core/basics/verdict.ts';

/** The signs of the book, each told apart by its shape: a window drawn as brackets, and where today stands to it. */
export type SignName = 'late' | 'open' | 'ahead' | 'baseline' | 'lifeSafety' | 'struck' | 'shut' | Verdict;

defineProps<{ name: SignName; label?: string }>();

const PATHS: Record<SignName, string> = {
  open: 'M5 4H3v12h2 M15 4h2v12h-2 M10 6v8',
  late: 'M4 4H2v12h2 M10 4h2v12h-2 M17 3v14 M14.5 10h5',
  ahead: 'M10 4H8v12h2 M16 4h2v12h-2 M3 6v8',
  baseline: 'M5 4H3v3 M3 10v1 M3 14v2h2 M15 4h2v3 M17 10v1 M17 14v2h-2',
  lifeSafety: 'M10 2.5 17.5 10 10 17.5 2.5 10Z M10 6.5v4.5 M10 13v1',
  struck: 'M2 10h16 M5 6l10 8',
  // A valve turned across its pipe.
  shut: 'M2 13h16 M10 13V5 M5 5h10',
  // A level at rest, an open eye, a hand on its way, a barred gate.
  sound: 'M2 12h16 M10 12v5 M6.5 17h7',
  watch: 'M2 10 10 4.5 18 10 10 15.5Z M10 8v4',
  act: 'M2 10h14 M11 4.5 16.5 10 11 15.5',
  stop: 'M3 3v14 M17 3v14 M3 7h14 M3 13h14',
};
</script>

<template>
  <svg
    class="sign"
    viewBox="0 0 20 20"
    :role="label ? 'img' : undefined"
    :aria-label="label"
    :aria-hidden="!label"
  >
    <path :d="PATHS[name]" />
  </svg>
</template>

<style scoped>
.sign {
  width: 1.125rem;
  height: 1.125rem;
  flex: none;
  vertical-align: -0.2rem;
}

.sign path {
  fill: none;
  stroke: currentcolor;
  stroke-width: 1.75;
}
</style>
