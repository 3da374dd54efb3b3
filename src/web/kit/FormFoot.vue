<script setup lang="ts">
import Button from 'primevue/button';
/** The end of a form: what is wrong that belongs to no field, the button that sends it, and what else may be done. */
defineProps<{ error: string; send: string; busy: boolean; grave?: boolean }>();
</script>

<template>
  <p v-if="error" class="notice wrong" role="alert">{{ error }}</p>
  <p class="actions">
    <Button type="submit" :severity="grave ? 'danger' : undefined" :disabled="busy">{{ send }}</Button>
    <slot />
  </p>
</template>
