<script setup lang="ts">
import InputText from 'primevue/inputtext';
import Textarea from 'primevue/textarea';
import FieldRow from './FieldRow.vue';

/** A labelled field to type in: one line, or several. Anything else given to it goes to the field itself. */
defineOptions({ inheritAttrs: false });
defineProps<{
  label: string;
  hint?: string | undefined;
  error?: string | undefined;
  lines?: 'one' | 'several';
}>();
const text = defineModel<string>({ required: true });
</script>

<template>
  <FieldRow v-slot="{ id, describedBy, invalid }" :label="label" :hint="hint" :error="error">
    <Textarea
      v-if="lines === 'several'"
      v-bind="$attrs"
      :id="id"
      v-model="text"
      :aria-describedby="describedBy"
      :aria-invalid="invalid"
    />
    <InputText
      v-else
      v-bind="$attrs"
      :id="id"
      v-model="text"
      :aria-describedby="describedBy"
      :aria-invalid="invalid"
    />
  </FieldRow>
</template>
