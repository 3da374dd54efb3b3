<script setup lang="ts">
/** The signs of the book, each told apart by its shape: a window drawn as brackets, and where today stands to it. */
export type SignName = 'late' | 'open' | 'ahead' | 'baseline' | 'lifeSafety' | 'struck';

defineProps<{ name: SignName; label?: string }>();

const PATHS: Record<SignName, string> = {
  open: 'M5 4H3v12h2 M15 4h2v12h-2 M10 6v8',
  late: 'M4 4H2v12h2 M10 4h2v12h-2 M17 3v14 M14.5 10h5',
  ahead: 'M10 4H8v12h2 M16 4h2v12h-2 M3 6v8',
  baseline: 'M5 4H3v3 M3 10v1 M3 14v2h2 M15 4h2v3 M17 10v1 M17 14v2h-2',
  lifeSafety: 'M10 2.5 17.5 10 10 17.5 2.5 10Z M10 6.5v4.5 M10 13v1',
  struck: 'M2 10h16 M5 6l10 8',
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
