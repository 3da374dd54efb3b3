<script setup lang="ts">
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
    <component
      :is="lines === 'several' ? 'textarea' : 'input'"
      v-bind="$attrs"
      :id="id"
      :value="text"
      :aria-describedby="describedBy"
      :aria-invalid="invalid"
      @input="text = ($event.target as HTMLInputElement).value"
    />
  </FieldRow>
</template>
