<script setup lang="ts">
import { FormField } from '@primevue/forms';
import { inject } from 'vue';
import FieldRow from './FieldRow.vue';
import { FORM } from './form.ts';

/** One field of a form: label, control, hint and what is wrong, tied together. The control takes what the slot gives it. */
defineProps<{ name: string; label: string; hint?: string | undefined }>();
const form = inject(FORM, null);
</script>

<template>
  <FormField v-slot="field" :name="name" as-child>
    <FieldRow v-slot="row" :label="label" :hint="hint" :error="form?.errorOf(name, field.errors)">
      <slot
        :id="row.id"
        :control="{
          id: row.id,
          inputId: row.id,
          labelId: undefined,
          'aria-describedby': row.describedBy,
          'aria-invalid': row.invalid,
          invalid: row.invalid === true,
          ...field.props,
        }"
      />
    </FieldRow>
  </FormField>
</template>
