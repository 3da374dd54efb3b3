<script setup lang="ts">
import Button from 'primevue/button';
import { computed } from 'vue';
import type { Waits } from '../../../core/runs/order.ts';
import type { RunItem } from '../../../core/runs/runState.ts';
import { words, type Speech } from '../../../locales/speech.ts';

/** The work that comes first, and why; and the way past it where that is done already or not needed here. */
const props = defineProps<{
  waits: readonly Waits[];
  titleOf: (item: RunItem) => string;
  speech: Speech;
}>();
const emit = defineEmits<{ go: [key: string]; anyway: [] }>();
const t = computed(() => props.speech.t);
</script>

<template>
  <div class="notice wrong" data-test="order">
    <p v-for="wait in waits" :key="wait.item.key">
      {{
        t('run.order', {
          what: titleOf(wait.item),
          why: wait.because === null ? t('run.orderPlain') : words(speech, wait.because),
        })
      }}
      <Button text @click="emit('go', wait.item.key)"
        >{{ t('run.orderGo') }}<span class="unseen">: {{ titleOf(wait.item) }}</span></Button
      >
    </p>
    <Button outlined data-act="anyway" @click="emit('anyway')">{{ t('run.orderAnyway') }}</Button>
  </div>
</template>
