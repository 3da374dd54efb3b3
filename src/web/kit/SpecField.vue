<script setup lang="ts">
import ChoiceField from './ChoiceField.vue';
import TextField from './TextField.vue';

/** A field for something that is one of several, or typed; left empty, it is not known. */
defineOptions({ inheritAttrs: false });
defineProps<{
  label: string;
  /** The options; null where it is typed. */
  options: readonly { readonly value: string; readonly text: string }[] | null;
  /** The option for nothing being chosen. */
  unknown: string;
  hint?: string | undefined;
  error?: string | undefined;
}>();
const typed = defineModel<string>({ required: true });
</script>

<template>
  <ChoiceField
    v-if="options"
    v-model="typed"
    :label="label"
    :error="error"
    :options="[
      { value: '', label: unknown },
      ...options.map((option) => ({ value: option.value, label: option.text })),
    ]"
  />
  <TextField v-else v-bind="$attrs" v-model="typed" :label="label" :hint="hint" :error="error" />
</template>
