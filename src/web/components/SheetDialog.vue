<script setup lang="ts">
import Dialog from 'primevue/dialog';

/** A modal sheet. Focus stays inside, Escape closes it, and focus returns to where it came from. */
defineProps<{ title: string; closeLabel: string }>();
const open = defineModel<boolean>('open', { required: true });

const LOOK = {
  mask: 'dialog-mask',
  root: 'dialog',
  header: 'dialog-head',
  content: 'dialog-body',
};
</script>

<template>
  <Dialog v-model:visible="open" modal :draggable="false" :pt="LOOK" :header="title">
    <template #closebutton="{ closeCallback }">
      <button type="button" @click="closeCallback">{{ closeLabel }}</button>
    </template>
    <slot />
  </Dialog>
</template>
