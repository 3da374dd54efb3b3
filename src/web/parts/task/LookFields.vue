<script setup lang="ts">
import RadioButton from 'primevue/radiobutton';
import { useI18n } from 'vue-i18n';
import { GRADES } from './look.ts';

/** The result of a look: a grade where the work goes by one, else a judgement. */
defineProps<{ graded: boolean }>();
const found = defineModel<string>({ required: true });
const { t } = useI18n({ useScope: 'global' });
const VERDICTS = ['sound', 'watch', 'act'] as const;
</script>

<template>
  <fieldset>
    <legend>{{ t('log.look') }}</legend>
    <div class="choices">
      <template v-if="graded">
        <label v-for="(value, grade) in GRADES" :key="grade">
          <RadioButton v-model="found" :value="value" />{{ t(`log.grade.${grade}`) }}
        </label>
      </template>
      <template v-else>
        <label v-for="verdict in VERDICTS" :key="verdict">
          <RadioButton v-model="found" :value="verdict" />{{ t(`log.verdict.${verdict}`) }}
        </label>
      </template>
      <label><RadioButton v-model="found" value="done" />{{ t('log.doneItself') }}</label>
    </div>
  </fieldset>
</template>
