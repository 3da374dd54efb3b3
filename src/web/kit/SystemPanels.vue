<script setup lang="ts" generic="T extends { system: PracticeSystem }">
import { useSessionStorage } from '@vueuse/core';
import { ChevronDown, ChevronUp } from 'lucide-vue-next';
import Accordion from 'primevue/accordion';
import AccordionContent from 'primevue/accordioncontent';
import AccordionHeader from 'primevue/accordionheader';
import AccordionPanel from 'primevue/accordionpanel';
import { computed } from 'vue';
import type { PracticeSystem } from '../../core/practice/lists.ts';
import type { Speech } from '../../locales/speech.ts';
import { SYSTEM_ICONS } from './icons.ts';

/** Much that stands by the systems of a house, each system folded to one line until it is opened. The tab of the browser remembers the open ones. */
const props = defineProps<{
  groups: readonly T[];
  /** The name that what is open is remembered under. */
  name: string;
  /** All are open, as while something is searched. */
  unfolded: boolean;
  /** The words beside the name. */
  says: (group: T) => string;
  speech: Speech;
}>();
defineSlots<{ default(props: { group: T }): unknown }>();

const kept = useSessionStorage<string[]>(`open-${props.name}`, []);
const open = computed({
  get: () => (props.unfolded ? props.groups.map(({ system }) => system) : kept.value),
  set: (value: string[]) => {
    if (!props.unfolded) kept.value = value;
  },
});
</script>

<template>
  <Accordion v-model:value="open" multiple lazy>
    <template #expandicon><ChevronDown :size="20" aria-hidden="true" class="k-fold-arrow" /></template>
    <template #collapseicon><ChevronUp :size="20" aria-hidden="true" class="k-fold-arrow" /></template>
    <AccordionPanel
      v-for="group in groups"
      :key="group.system"
      :value="group.system"
      :data-system="group.system"
    >
      <h2>
        <AccordionHeader>
          <component :is="SYSTEM_ICONS[group.system]" :size="20" aria-hidden="true" />
          <span class="k-fold-name">{{ speech.t(`system.${group.system}`) }}</span>
          <span class="k-fold-says">{{ says(group) }}</span>
        </AccordionHeader>
      </h2>
      <AccordionContent>
        <slot :group="group" />
      </AccordionContent>
    </AccordionPanel>
  </Accordion>
</template>
