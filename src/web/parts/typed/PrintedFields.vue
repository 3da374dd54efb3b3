<script setup lang="ts">
import { useI18n } from 'vue-i18n';
import TextField from '../../kit/TextField.vue';
import type { AgeDraft } from './age.ts';

/** The life or the end printed on an alarm. */
defineProps<{ errorAt: (...names: string[]) => string }>();
const draft = defineModel<AgeDraft>({ required: true });
const { t } = useI18n({ useScope: 'global' });
</script>

<template>
  <TextField
    v-model="draft.life"
    :label="t('fact.life')"
    :error="errorAt('life')"
    inputmode="numeric"
    maxlength="2"
  />
  <TextField
    v-model="draft.ends"
    :label="t('fact.ends')"
    :hint="t('walk.made')"
    :error="errorAt('ends')"
    maxlength="10"
  />
</template>
