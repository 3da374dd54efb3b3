<script setup lang="ts">
import { useI18n } from 'vue-i18n';
import FieldRow from '../../components/FieldRow.vue';
import TextField from '../../components/TextField.vue';
import ChoiceField from '../../components/ChoiceField.vue';
import type { Draft } from './draft.ts';

/** A rule in one's own figures. */
defineProps<{ errorAt: (...names: string[]) => string }>();
const draft = defineModel<Draft>({ required: true });

const { t } = useI18n({ useScope: 'global' });
const KINDS = { interval: 'add.every', dates: 'add.monthDays', clockChange: 'add.clock' } as const;
const UNITS = ['days', 'weeks', 'months', 'years'] as const;
const CLOCKS = ['both', 'spring', 'autumn'] as const;
</script>

<template>
  <fieldset class="form">
    <legend>{{ t('add.rule') }}</legend>
    <div class="choices">
      <label v-for="(_, kind) in KINDS" :key="kind">
        <input v-model="draft.ruleKind" type="radio" :value="kind" />{{ t(`rule.name.${kind}`) }}
      </label>
    </div>
    <div v-if="draft.ruleKind === 'interval'" class="pair">
      <FieldRow v-slot="{ id, describedBy, invalid }" :label="t('add.every')" :error="errorAt('count')">
        <span class="every">
          <input
            :id="id"
            v-model="draft.count"
            inputmode="numeric"
            :aria-describedby="describedBy"
            :aria-invalid="invalid"
          />
          <select v-model="draft.unit" :aria-label="t('add.every')">
            <option v-for="unit in UNITS" :key="unit" :value="unit">{{ t(`add.unitName.${unit}`) }}</option>
          </select>
        </span>
      </FieldRow>
      <TextField
        v-model="draft.floor"
        :label="t('add.floor')"
        :error="errorAt('floor')"
        inputmode="numeric"
      />
    </div>
    <TextField
      v-else-if="draft.ruleKind === 'dates'"
      v-model="draft.monthDays"
      :label="t('add.monthDays')"
      :hint="t('add.monthDaysHint')"
      :error="errorAt('monthDays')"
    />
    <ChoiceField v-else v-model="draft.clock" :label="t('add.clock')">
      <option v-for="clock in CLOCKS" :key="clock" :value="clock">{{ t(`add.clockOn.${clock}`) }}</option>
    </ChoiceField>
  </fieldset>
</template>

<style scoped>
.every {
  display: flex;
  gap: 0.5rem;
}
</style>
