<script setup lang="ts">
/** A photo, small; pressed, it opens in its full size. */
defineProps<{ address: string; width: number; height: number; alt: string }>();
</script>

<template>
  <a :href="address" target="_blank" rel="noopener"
    ><img :src="address" :width="width" :height="height" loading="lazy" :alt="alt"
  /></a>
</template>

<style scoped>
img {
  display: block;
  width: 100%;
  height: 10rem;
  object-fit: contain;
  background: var(--wash);
}
</style>
