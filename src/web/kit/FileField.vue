<script setup lang="ts">
import FileUpload, { type FileUploadSelectEvent } from 'primevue/fileupload';
import { FileUp } from 'lucide-vue-next';
import { ref, useTemplateRef } from 'vue';
import FieldRow from './FieldRow.vue';

/**
 * A file to choose: a button with what it is for, and the name of what was chosen. What happens with it is the form's, which also says what is
 * wrong with it: `accept` only narrows what is offered.
 */
defineProps<{
  label: string;
  /** The words of the button. */
  choose: string;
  accept: string;
  hint?: string | undefined;
  error?: string | undefined;
  disabled?: boolean;
  /** The name tests and labels know the field by. */
  name?: string;
}>();
const emit = defineEmits<{ chosen: [file: File] }>();
const upload = useTemplateRef<{ clear: () => void }>('upload');
const chosenName = ref('');

function select({ files }: FileUploadSelectEvent): void {
  const file: unknown = Array.isArray(files) ? files[0] : undefined;
  if (!(file instanceof File)) return;
  chosenName.value = file.name;
  // Without this the same file could not be chosen again after a change to it.
  upload.value?.clear();
  emit('chosen', file);
}
</script>

<template>
  <FieldRow v-slot="{ describedBy }" :label="label" :hint="hint" :error="error">
    <FileUpload
      ref="upload"
      mode="basic"
      custom-upload
      :choose-label="choose"
      :disabled="disabled ?? false"
      :choose-button-props="{ outlined: true, 'aria-describedby': describedBy }"
      :pt="{ input: { accept, class: 'unseen', tabindex: -1, 'data-file': name, 'aria-label': label } }"
      @select="select"
    >
      <template #chooseicon><FileUp :size="20" aria-hidden="true" /></template>
      <template #filelabel
        ><span class="soft small" role="status">{{ chosenName }}</span></template
      >
    </FileUpload>
  </FieldRow>
</template>
