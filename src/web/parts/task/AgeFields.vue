<script setup lang="ts">
import RadioButton from 'primevue/radiobutton';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import TextField from '../../kit/TextField.vue';
import type { AgeDraft } from '../typed/age.ts';
import PrintedFields from '../typed/PrintedFields.vue';

/** Dates printed on a thing of unknown age: its date, and on an alarm the life or the end printed on it. */
defineProps<{ printed: boolean; errorAt: (...names: string[]) => string }>();
const found = defineModel<string>('found', { required: true });
const draft = defineModel<AgeDraft>('draft', { required: true });
const { t } = useI18n({ useScope: 'global' });
const reading = computed(() => found.value !== 'done');
</script>

<template>
  <fieldset>
    <legend>{{ t('log.look') }}</legend>
    <div class="choices">
      <label><RadioButton v-model="found" value="read" />{{ t('log.dateRead') }}</label>
      <label><RadioButton v-model="found" value="done" />{{ t('log.replacedItself') }}</label>
    </div>
    <div v-if="reading" class="pair">
      <TextField
        v-model="draft.made"
        :label="t('fact.made')"
        :hint="t('walk.made')"
        :error="errorAt('made')"
        maxlength="10"
      />
      <PrintedFields v-if="printed" v-model="draft" :error-at="errorAt" />
    </div>
  </fieldset>
</template>
