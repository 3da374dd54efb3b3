<script setup lang="ts">
import Button from 'primevue/button';
import AppSign from '../../kit/AppSign.vue';
import type { Speech } from '../../../locales/speech.ts';
import type { RecordRow } from './recordRow.ts';

/** The kind of an entry and its subject; a tap opens or closes it. */
defineProps<{ row: RecordRow; open: boolean; t: Speech['t'] }>();
const emit = defineEmits<{ turn: [] }>();
</script>

<template>
  <Button text class="title" data-act="entry" :aria-expanded="open" @click="emit('turn')">
    <AppSign v-if="row.isVoided" name="struck" />
    <span class="kind">{{ row.kind }}</span>{{ ' ' }}
    <span :class="{ voided: row.isVoided }">{{ row.about }}</span>{{ ' ' }}
    <span v-if="row.isVoided" class="mark">({{ t('ledger.struck') }})</span>
    <span v-else-if="row.isEdited" class="soft small">({{ t('ledger.edited') }})</span>
  </Button>
</template>

<style scoped>
.title {
  display: block;
  width: 100%;
  min-height: 2rem;
  padding: 0.125rem 0;
  color: inherit;
  font: inherit;
  text-align: left;
}

.title:hover {
  background: var(--wash);
}

.kind {
  font-weight: 600;
}

.voided {
  text-decoration: line-through;
}

.mark {
  color: var(--rust);
}

@media (width < 44rem) {
  .title {
    min-height: 2.75rem;
  }
}
</style>
