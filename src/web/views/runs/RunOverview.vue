<script setup lang="ts">
import { useMediaQuery } from '@vueuse/core';
import { List } from 'lucide-vue-next';
import Button from 'primevue/button';
import { computed, ref } from 'vue';
import KitDrawer from '../../kit/KitDrawer.vue';
import type { Speech } from '../../../locales/speech.ts';
import RunList, { type OverviewLine } from './RunList.vue';

/** All tasks of a run, with what each has come to: at the side where there is room, on a phone in a drawer, so that the step has the screen. */
const props = defineProps<{
  lines: readonly OverviewLine[];
  at: string | null;
  closed: boolean;
  speech: Speech;
}>();
const emit = defineEmits<{ go: [key: string] }>();

const wide = useMediaQuery('(min-width: 44rem)');
const open = ref(false);
const settled = computed(() => props.lines.filter(({ status }) => status !== 'open').length);

function go(key: string): void {
  open.value = false;
  emit('go', key);
}
</script>

<template>
  <nav v-if="wide" class="overview no-print" :aria-label="speech.t('run.overview')">
    <RunList :lines="lines" :at="at" :closed="closed" :speech="speech" @go="go" />
  </nav>
  <div v-else class="no-print">
    <Button outlined data-act="list" @click="open = true">
      <List :size="20" aria-hidden="true" />{{ speech.t('run.listOf', { done: settled, of: lines.length }) }}
    </Button>
    <KitDrawer
      v-model:open="open"
      :title="speech.t('run.overview')"
      :close-label="speech.t('shell.close')"
      side="bottom"
    >
      <nav :aria-label="speech.t('run.overview')">
        <RunList :lines="lines" :at="at" :closed="closed" :speech="speech" @go="go" />
      </nav>
    </KitDrawer>
  </div>
</template>
