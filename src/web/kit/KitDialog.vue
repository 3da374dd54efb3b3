<script setup lang="ts">
import Button from 'primevue/button';
import Dialog from 'primevue/dialog';
import { onUnmounted, useTemplateRef } from 'vue';

/** A modal sheet. Focus stays inside, Escape closes it, and focus returns to where it came from. */
defineProps<{ title: string; closeLabel: string }>();
const open = defineModel<boolean>('open', { required: true });

const body = useTemplateRef('body');
const cameFrom = document.activeElement;

/** The first field takes the focus; it goes back to where it came from when the sheet is gone. */
function begin(): void {
  body.value?.querySelector<HTMLElement>('input, select, textarea, button')?.focus();
}
onUnmounted(() => {
  if (cameFrom instanceof HTMLElement && cameFrom.isConnected) cameFrom.focus();
});

const LOOK = {
  mask: 'dialog-mask',
  root: 'dialog',
  header: 'dialog-head',
  content: 'dialog-body',
};
</script>

<template>
  <Dialog v-model:visible="open" modal :draggable="false" :pt="LOOK" :header="title" @show="begin">
    <template #closebutton="{ closeCallback }">
      <Button text :label="closeLabel" @click="closeCallback" />
    </template>
    <div ref="body"><slot /></div>
  </Dialog>
</template>
