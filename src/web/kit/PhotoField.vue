<script setup lang="ts">
import { ref, useId, useTemplateRef, watch } from 'vue';

/** A photo to be sent. One that could not be stays chosen, and can be sent again without being taken again. */
const props = defineProps<{
  label: string;
  hint: string;
  accept: string;
  busy: boolean;
  error: string;
  again: string;
  /** Opens the camera at once, where there is one. */
  camera?: boolean;
}>();
const emit = defineEmits<{ send: [file: Blob] }>();

const id = useId();
const field = useTemplateRef<HTMLInputElement>('field');
const file = ref<Blob | null>(null);

function chosen(): void {
  file.value = field.value?.files?.[0] ?? null;
  if (file.value) emit('send', file.value);
}

watch(
  () => props.busy,
  (busy, was) => {
    if (busy || !was || props.error !== '') return;
    file.value = null;
    if (field.value) field.value.value = '';
  },
);
</script>

<template>
  <div>
    <label :for="id">{{ label }}</label>
    <input
      :id="id"
      ref="field"
      type="file"
      :accept="accept"
      :capture="camera ? 'environment' : undefined"
      :disabled="busy"
      :aria-describedby="`${id}-hint`"
      :aria-invalid="error !== '' || undefined"
      @change="chosen"
    />
    <p :id="`${id}-hint`" class="soft small">{{ hint }}</p>
    <p v-if="error" class="notice wrong" role="alert">
      {{ error }}
      <button v-if="file" type="button" :disabled="busy" @click="emit('send', file)">{{ again }}</button>
    </p>
  </div>
</template>

<style scoped>
label {
  display: block;
  font-weight: 600;
}

input[type='file'] {
  border: 0;
  padding-left: 0;
}
</style>
