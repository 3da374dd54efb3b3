<script setup lang="ts">
import Button from 'primevue/button';
import Drawer from 'primevue/drawer';
import { X } from 'lucide-vue-next';

/** A panel at the side (at the foot on a phone) over the page: a list to choose from, or what belongs to the line that was tapped. */
defineProps<{ title: string; closeLabel: string; side?: 'left' | 'right' | 'bottom' }>();
const open = defineModel<boolean>('open', { required: true });
</script>

<template>
  <Drawer
    v-model:visible="open"
    :position="side ?? 'right'"
    :class="{ 'k-drawer-foot': side === 'bottom' }"
    :header="title"
    block-scroll
  >
    <template #closebutton="{ closeCallback }">
      <Button text :aria-label="closeLabel" @click="closeCallback"
        ><X :size="20" aria-hidden="true"
      /></Button>
    </template>
    <slot />
  </Drawer>
</template>
