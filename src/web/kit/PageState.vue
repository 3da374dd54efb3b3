<script setup lang="ts">
import Button from 'primevue/button';
/** Shown in place of a page that is loading or failed to load. */
defineProps<{
  state: { kind: 'loading' } | { kind: 'failed'; text: string };
  loading: string;
  again: string;
}>();
const emit = defineEmits<{ again: [] }>();
</script>

<template>
  <p v-if="state.kind === 'loading'" class="soft" role="status">{{ loading }}</p>
  <p v-else class="notice wrong" role="alert">
    {{ state.text }} <Button text @click="emit('again')">{{ again }}</Button>
  </p>
</template>
