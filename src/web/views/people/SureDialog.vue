<script setup lang="ts">
import Button from 'primevue/button';
import { useI18n } from 'vue-i18n';
import FormFoot from '../../kit/FormFoot.vue';
import KitDialog from '../../kit/KitDialog.vue';

/** Asks whether somebody is sure: what will happen, and the one button that does it. */
defineProps<{ title: string; text: string; send: string; busy: boolean }>();
const emit = defineEmits<{ close: []; sure: [] }>();
const { t } = useI18n({ useScope: 'global' });
</script>

<template>
  <KitDialog open :title="title" :close-label="t('shell.close')" @update:open="emit('close')">
    <form class="form" novalidate @submit.prevent="emit('sure')">
      <p>{{ text }}</p>
      <FormFoot error="" :send="send" :busy="busy" grave>
        <Button text @click="emit('close')">{{ t('shell.cancel') }}</Button>
      </FormFoot>
    </form>
  </KitDialog>
</template>
