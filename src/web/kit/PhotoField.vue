<script setup lang="ts">
import Button from 'primevue/button';
import { Camera } from 'lucide-vue-next';
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

/** The chosen picture, small, so that one sees which it is; as data, for the page may show no other. */
const thumb = ref<string | null>(null);
function show(picture: Blob): void {
  const reader = new FileReader();
  reader.onload = () => {
    thumb.value = typeof reader.result === 'string' ? reader.result : null;
  };
  reader.readAsDataURL(picture);
}

function chosen(): void {
  file.value = field.value?.files?.[0] ?? null;
  if (file.value) show(file.value);
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
  <div class="photo-field">
    <!-- The library's upload knows no camera, so the field is the browser's own and its label looks like a button. -->
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
    <label :for="id" class="k-button k-framed"><Camera :size="20" aria-hidden="true" />{{ label }}</label>
    <img v-if="thumb" class="thumb" :src="thumb" alt="" />
    <p :id="`${id}-hint`" class="soft small" role="status">{{ hint }}</p>
    <p v-if="error" class="notice wrong" role="alert">
      {{ error }}
      <Button v-if="file" text :disabled="busy" :label="again" @click="emit('send', file)" />
    </p>
  </div>
</template>

<style scoped>
.photo-field {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 0.25rem 0.75rem;
}

input {
  position: absolute;
  overflow: hidden;
  width: 1px;
  height: 1px;
  min-height: 0;
  padding: 0;
  border: 0;
  clip-path: inset(50%);
}

input:focus-visible + label {
  outline: 2px solid var(--rust);
  outline-offset: 2px;
}

label {
  cursor: pointer;
}

.thumb {
  width: 2.75rem;
  height: 2.75rem;
  border: 1px solid var(--rule);
  object-fit: cover;
}
</style>
