<script setup lang="ts">
import Button from 'primevue/button';
import {
  Boxes,
  CalendarDays,
  CloudLightning,
  Gauge,
  Lock,
  PackagePlus,
  Plus,
  SearchX,
  StickyNote,
} from 'lucide-vue-next';
import type { Component } from 'vue';
import type { RouteLocationRaw } from 'vue-router';
import type { Speech } from '../../../locales/speech.ts';
import type { LogKind } from './draft.ts';

/** The kinds of entries that are no task done, one tap each. */
defineProps<{ speech: Speech; chosen: LogKind | null; add: RouteLocationRaw }>();
const emit = defineEmits<{ choose: [kind: LogKind] }>();
const TILES: readonly (readonly [LogKind, Component])[] = [
  ['reading', Gauge],
  ['finding', SearchX],
  ['event', CloudLightning],
  ['season', Lock],
  ['stock', Boxes],
  ['grade', PackagePlus],
  ['made', CalendarDays],
  ['text', StickyNote],
];
</script>

<template>
  <div class="tiles" role="group" :aria-label="speech.t('note.kind')">
    <Button
      v-for="[kind, icon] in TILES"
      :key="kind"
      outlined
      class="tile"
      :class="{ chosen: chosen === kind }"
      :aria-pressed="chosen === kind"
      :data-kind="kind"
      @click="emit('choose', kind)"
    >
      <component :is="icon" :size="22" aria-hidden="true" />{{ speech.t(`note.kinds.${kind}`) }}
    </Button>
    <RouterLink class="k-button k-framed tile" :to="add">
      <Plus :size="22" aria-hidden="true" />{{ speech.t('note.newThing') }}
    </RouterLink>
  </div>
</template>

<style scoped>
.tiles {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(6.75rem, 1fr));
  gap: 0.5rem;
}

.tile {
  flex-direction: column;
  gap: 0.25rem;
  min-height: 4.25rem;
  padding: 0.375rem 0.25rem;
  border-color: var(--rule);
  color: var(--ink);
  font-weight: 400;
  text-align: center;
}

.tile.chosen {
  border-color: var(--brine);
  box-shadow: inset 0 0 0 1px var(--brine);
  font-weight: 600;
}
</style>
