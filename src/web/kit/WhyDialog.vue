<script setup lang="ts">
import Button from 'primevue/button';
import FormFoot from './FormFoot.vue';
import KitDialog from './KitDialog.vue';
import TextField from './TextField.vue';

/** A sheet that asks once before something grave: what will happen, why (which may be left empty), and the way out. */
defineProps<{
  title: string;
  lead: readonly string[];
  label: string;
  send: string;
  words: { readonly close: string; readonly cancel: string };
  busy: boolean;
  errorAt: (...names: string[]) => string;
}>();
const why = defineModel<string>('why', { required: true });
const emit = defineEmits<{ save: []; close: [] }>();
</script>

<template>
  <KitDialog open :title="title" :close-label="words.close" @update:open="emit('close')">
    <form class="form" novalidate @submit.prevent="emit('save')">
      <p v-for="paragraph in lead" :key="paragraph">{{ paragraph }}</p>
      <TextField v-model="why" :label="label" :error="errorAt('why')" maxlength="200" />
      <FormFoot :error="errorAt('')" :send="send" :busy="busy" grave>
        <Button text @click="emit('close')">{{ words.cancel }}</Button>
      </FormFoot>
    </form>
  </KitDialog>
</template>
