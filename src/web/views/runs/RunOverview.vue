<script setup lang="ts">
import Button from 'primevue/button';
import type { ItemState, RunItem } from '../../../core/runs/runState.ts';
import type { Speech } from '../../../locales/speech.ts';

/** Everything of a run in its order, by the rows of its round, with what each has come to. */
defineProps<{
  lines: readonly {
    readonly item: RunItem;
    readonly title: string;
    readonly heading: string | null;
    readonly status: ItemState['status'];
  }[];
  at: string | null;
  closed: boolean;
  speech: Speech;
}>();
const emit = defineEmits<{ go: [key: string] }>();
</script>

<template>
  <nav class="overview no-print" :aria-label="speech.t('run.overview')">
    <details open>
      <summary>{{ speech.t('run.overview') }}</summary>
      <ul>
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
    </details>
  </nav>
</template>

<style scoped>
.overview ul {
  margin-top: 0.25rem;
}

.overview li {
  line-height: 1.25rem;
}

.heading {
  margin-top: 0.5rem;
  font-weight: 600;
}

.overview button {
  min-height: 1.5rem;
  color: var(--ink);
  font-size: 0.9375rem;
  line-height: 1.25rem;
  text-align: left;
  text-decoration: none;
}

.overview .done button,
.overview .skipped button,
.overview .impossible button {
  color: var(--soft);
  text-decoration: line-through;
}

.overview .stopped button {
  color: var(--rust);
}

.overview button[aria-current] {
  box-shadow: inset 3px 0 var(--brine);
  padding-left: 0.5rem;
  font-weight: 600;
}

@media (max-width: 44rem) {
  .overview {
    margin-top: var(--line);
  }
}
</style>
