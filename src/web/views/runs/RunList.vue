<script setup lang="ts">
import Button from 'primevue/button';
import type { ItemState, RunItem } from '../../../core/runs/runState.ts';
import type { Speech } from '../../../locales/speech.ts';

/** One task of a run, with the heading that begins before it. */
export interface OverviewLine {
  readonly item: RunItem;
  readonly title: string;
  readonly heading: string | null;
  readonly status: ItemState['status'];
}

/** The tasks of a run in their order, by the rows of its round; a tap goes to one. */
defineProps<{ lines: readonly OverviewLine[]; at: string | null; closed: boolean; speech: Speech }>();
const emit = defineEmits<{ go: [key: string] }>();
</script>

<template>
  <ul class="list">
    <template v-for="line in lines" :key="line.item.key">
      <li v-if="line.heading" class="heading">{{ line.heading }}</li>
      <li :class="line.status">
        <Button
          text
          :aria-current="at === line.item.key ? 'step' : undefined"
          :disabled="closed"
          @click="emit('go', line.item.key)"
        >
          {{ line.title }}
        </Button>
        {{ ' '
        }}<span v-if="line.status !== 'open'" class="small">{{
          speech.t(`run.settled.${line.status}`)
        }}</span>
      </li>
    </template>
  </ul>
</template>

<style scoped>
li {
  line-height: 1.25rem;
}

.heading {
  margin-top: 0.5rem;
  font-weight: 600;
}

button {
  min-height: 1.5rem;
  color: var(--ink);
  font-size: 0.9375rem;
  line-height: 1.25rem;
  text-align: left;
  text-decoration: none;
}

.done button,
.skipped button,
.impossible button {
  color: var(--soft);
  text-decoration: line-through;
}

.stopped button {
  color: var(--rust);
}

button[aria-current] {
  box-shadow: inset 3px 0 var(--brine);
  padding-left: 0.5rem;
  font-weight: 600;
}

@media (width < 44rem) {
  button {
    min-height: 2.75rem;
    font-size: 1rem;
  }
}
</style>
