<script setup lang="ts">
import { computed, useId } from 'vue';

/** A label, its field, a hint and what is wrong with it, tied together for those who listen. */
const props = defineProps<{ label: string; hint?: string | undefined; error?: string | undefined }>();

const id = useId();
const describedBy = computed(() => {
  const ids = [props.hint && `${id}-hint`, props.error && `${id}-error`].filter(Boolean);
  return ids.length > 0 ? ids.join(' ') : undefined;
});
const invalid = computed(() => (props.error ? true : undefined));
</script>

<template>
  <div>
    <label :for="id">{{ label }}</label>
    <slot :id="id" :described-by="describedBy" :invalid="invalid" />
    <p v-if="hint" :id="`${id}-hint`" class="soft small">{{ hint }}</p>
    <p v-if="error" :id="`${id}-error`" class="error small" role="alert">{{ error }}</p>
  </div>
</template>

<style scoped>
label {
  display: block;
  font-weight: 600;
}

.error {
  color: var(--rust);
}
</style>
