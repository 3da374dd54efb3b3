<script setup lang="ts">
import { useI18n } from 'vue-i18n';
import { GRADES } from '../../parts/task/look.ts';

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
          <input v-model="found" type="radio" :value="value" />{{ t(`log.grade.${grade}`) }}
        </label>
      </template>
      <template v-else>
        <label v-for="verdict in VERDICTS" :key="verdict">
          <input v-model="found" type="radio" :value="verdict" />{{ t(`log.verdict.${verdict}`) }}
        </label>
      </template>
      <label><input v-model="found" type="radio" value="done" />{{ t('log.doneItself') }}</label>
    </div>
  </fieldset>
</template>
