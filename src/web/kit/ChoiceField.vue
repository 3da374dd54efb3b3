<script setup lang="ts">
import FieldRow from './FieldRow.vue';

/** A labelled list to choose from; the options stand in its slot. */
defineProps<{ label: string; hint?: string | undefined; error?: string | undefined }>();
const chosen = defineModel<string>({ required: true });
</script>

<template>
  <FieldRow v-slot="{ id, describedBy, invalid }" :label="label" :hint="hint" :error="error">
    <select :id="id" v-model="chosen" :aria-describedby="describedBy" :aria-invalid="invalid">
      <slot />
    </select>
  </FieldRow>
</template>
