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
  <ChoiceField v-if="options" v-model="typed" :label="label" :error="error">
    <option value="">{{ unknown }}</option>
    <option v-for="option in options" :key="option.value" :value="option.value">{{ option.text }}</option>
  </ChoiceField>
  <TextField v-else v-bind="$attrs" v-model="typed" :label="label" :hint="hint" :error="error" />
</template>
