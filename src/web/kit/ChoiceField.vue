<script setup lang="ts">
import Select from 'primevue/select';
import { computed } from 'vue';
import FieldRow from './FieldRow.vue';

/** One thing a list offers: what is kept, and what is read. */
export interface Option {
  readonly value: string;
  readonly label: string;
}

/** A labelled list to choose from. */
const props = defineProps<{
  label: string;
  options: readonly Option[];
  hint?: string | undefined;
  error?: string | undefined;
}>();
const chosen = defineModel<string>({ required: true });
/** The library shows nothing chosen for an empty value: what that stands for is read from its option. */
const unset = computed(() => props.options.find(({ value }) => value === '')?.label);
</script>

<template>
  <FieldRow v-slot="{ id, describedBy, invalid }" :label="label" :hint="hint" :error="error">
    <Select
      v-model="chosen"
      :options="[...options]"
      option-label="label"
      option-value="value"
      :placeholder="unset"
      :input-id="id"
      :aria-label="label"
      :aria-describedby="describedBy"
      :aria-invalid="invalid"
      :invalid="invalid === true"
    />
  </FieldRow>
</template>
