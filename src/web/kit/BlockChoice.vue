<script setup lang="ts">
import Checkbox from 'primevue/checkbox';
import RadioButton from 'primevue/radiobutton';

/** One big choice among a few: a block that can be hit with a thumb. */
defineProps<{ kind: 'radio' | 'checkbox'; name: string; value: string }>();
const chosen = defineModel<boolean>({ required: true });
</script>

<template>
  <label class="block">
    <RadioButton
      v-if="kind === 'radio'"
      :name="name"
      :value="value"
      :model-value="chosen ? value : null"
      @update:model-value="chosen = true"
    />
    <Checkbox
      v-else
      binary
      :name="name"
      :value="value"
      :model-value="chosen"
      @update:model-value="chosen = $event"
    />
    <span class="words"><slot /></span>
    <slot name="picture" />
  </label>
</template>

<style scoped>
.block {
  display: flex;
  align-items: center;
  gap: 0.5rem;
  min-height: 3rem;
  padding: 0.375rem 0.875rem;
  border: 1px solid var(--rule);
  border-radius: 2px;
  cursor: pointer;
}

.block:hover {
  border-color: var(--soft);
}

/* A chosen line shows by its shape as well: the double rule at its left, as a line of the book has it. */
.block:has(input:checked) {
  padding-left: calc(0.875rem - 5px);
  border-color: var(--brine);
  border-left: 6px double var(--brine);
  background: var(--wash);
  font-weight: 600;
}

.block:has(input:focus-visible) {
  outline: 2px solid var(--rust);
  outline-offset: 2px;
}
</style>
