<script setup lang="ts">
/** What stands in place of a page that is being read or could not be. */
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
    {{ state.text }} <button type="button" @click="emit('again')">{{ again }}</button>
  </p>
</template>
