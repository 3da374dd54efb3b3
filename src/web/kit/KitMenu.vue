<script setup lang="ts">
import Button from 'primevue/button';
import Menu from 'primevue/menu';
import { Ellipsis } from 'lucide-vue-next';
import { nextTick, ref, useId, useTemplateRef } from 'vue';

/** One thing a menu offers. */
export interface Act {
  readonly label: string;
  readonly act: () => void;
  readonly grave?: boolean;
}

defineOptions({ inheritAttrs: false });
/** A button that opens a short list of acts; its own slot is what the button shows, else three dots. */
const props = defineProps<{ label: string; acts: readonly Act[] }>();
const menu = useTemplateRef('menu');
const id = useId();
/** A list of lines has a menu in each: it is made when it is first opened. */
const isMade = ref(false);
async function toggle(event: MouseEvent): Promise<void> {
  // The event forgets the button it came from while the menu is being made.
  const opened = { currentTarget: event.currentTarget } as unknown as Event;
  if (!isMade.value) {
    isMade.value = true;
    await nextTick();
  }
  menu.value?.toggle(opened);
}
const items = (): { label: string; command: () => void; class: string }[] =>
  props.acts.map(({ label, act, grave }) => ({ label, command: act, class: grave ? 'k-grave' : '' }));
</script>

<template>
  <Button v-bind="$attrs" text :aria-label="label" aria-haspopup="menu" :aria-controls="id" @click="toggle">
    <slot><Ellipsis :size="20" aria-hidden="true" /></slot>
  </Button>
  <Menu v-if="isMade" :id="id" ref="menu" popup :model="items()" />
</template>
