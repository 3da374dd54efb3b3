<script setup lang="ts">
import Button from 'primevue/button';
import { computed } from 'vue';
import { SYSTEM_ICONS } from '../../kit/icons.ts';
import type { Speech } from '../../../locales/speech.ts';
import type { LogHit } from './logHits.ts';

/** One thing that can be logged, with the act that logs it or opens its form. */
const props = defineProps<{ hit: LogHit; speech: Speech; busy: boolean }>();
const emit = defineEmits<{ act: [hit: LogHit, kind: 'shut' | 'opened' | null] }>();
const t = computed(() => props.speech.t);
const icon = computed(() => {
  const { hit } = props;
  const practice = hit.kind === 'task' ? hit.unit?.duty.practice : undefined;
  const found = practice?.from === 'catalogue' ? props.speech.find(practice.code) : undefined;
  return found ? SYSTEM_ICONS[found.system] : null;
});
</script>

<template>
  <li class="hit" :data-hit="hit.kind">
    <component :is="icon" v-if="icon" :size="20" class="soft" aria-hidden="true" />
    <span v-else />
    <div class="text">
      <span class="name">{{ hit.title }}</span>
      <span class="soft small">{{ hit.more }}</span>
    </div>
    <div class="acts">
      <template v-if="hit.kind === 'season'">
        <Button
          v-if="hit.line.standing !== 'closed'"
          outlined
          :disabled="busy"
          :label="t('note.itIsShut')"
          :aria-label="`${t('note.itIsShut')}: ${hit.title}`"
          @click="emit('act', hit, 'shut')"
        />
        <Button
          v-if="hit.line.standing !== 'open'"
          outlined
          :disabled="busy"
          :label="t('note.itIsOpen')"
          :aria-label="`${t('note.itIsOpen')}: ${hit.title}`"
          @click="emit('act', hit, 'opened')"
        />
      </template>
      <Button
        v-else
        outlined
        :disabled="busy"
        :label="t(hit.kind === 'task' ? 'today.done' : 'log.open')"
        :aria-label="`${t(hit.kind === 'task' ? 'today.done' : 'log.open')}: ${hit.title}, ${hit.more}`"
        @click="emit('act', hit, null)"
      />
    </div>
  </li>
</template>

<style scoped>
.hit {
  display: grid;
  grid-template-columns: 1.5rem minmax(0, 1fr) auto;
  gap: 0 0.75rem;
  align-items: center;
  padding: 0.5rem 0;
}

.name {
  display: block;
  font-weight: 600;
}

.acts {
  display: flex;
  gap: 0.5rem;
}
</style>
