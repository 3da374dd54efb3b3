<script setup lang="ts">
import Button from 'primevue/button';
import { useI18n } from 'vue-i18n';

/** The button that signs a device out; the one in use says that it is this one. */
defineProps<{ here: boolean; device: string; busy: boolean }>();
const emit = defineEmits<{ end: [] }>();
const { t } = useI18n({ useScope: 'global' });
</script>

<template>
  <span v-if="here" class="soft">{{ t('account.here') }}</span>
  <Button v-else text :aria-label="t('account.endOf', { device })" :disabled="busy" @click="emit('end')">
    {{ t('account.end') }}
  </Button>
</template>
