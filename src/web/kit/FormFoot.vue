<script setup lang="ts">
/** The end of a form: what is wrong that belongs to no field, the button that sends it, and what else may be done. */
defineProps<{ error: string; send: string; busy: boolean; grave?: boolean }>();
</script>

<template>
  <p v-if="error" class="notice wrong" role="alert">{{ error }}</p>
  <p class="actions">
    <button type="submit" class="main" :class="{ grave }" :disabled="busy">{{ send }}</button>
    <slot />
  </p>
</template>
