<script setup lang="ts">
import RadioButton from 'primevue/radiobutton';
import Select from 'primevue/select';
import InputText from 'primevue/inputtext';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import FieldRow from '../../kit/FieldRow.vue';
import TextField from '../../kit/TextField.vue';
import ChoiceField from '../../kit/ChoiceField.vue';
import { ANCHORS } from '../../../core/climate/anchor.ts';
import { lists } from '../../../locales/lists.ts';
import { TYPED_RULES, type Draft } from './draft.ts';

/** A rule in one's own figures. */
defineProps<{ errorAt: (...names: string[]) => string }>();
const draft = defineModel<Draft>({ required: true });

const { t } = useI18n({ useScope: 'global' });
const UNITS = ['days', 'weeks', 'months', 'years'] as const;
const CLOCKS = ['both', 'spring', 'autumn'] as const;
const TRIGGERS = Object.keys(lists.trigger);
const counted = computed(() => draft.value.ruleKind === 'interval' || draft.value.ruleKind === 'age');
</script>

<template>
  <fieldset class="form">
    <legend>{{ t('add.rule') }}</legend>
    <div class="choices">
      <label v-for="kind in TYPED_RULES" :key="kind">
        <RadioButton v-model="draft.ruleKind" :value="kind" />{{ t(`rule.name.${kind}`) }}
      </label>
    </div>
    <div v-if="counted" class="pair">
      <FieldRow
        v-slot="{ id, describedBy, invalid }"
        :label="t(draft.ruleKind === 'age' ? 'add.lifespan' : 'add.every')"
        :error="errorAt('count')"
      >
        <span class="every">
          <InputText
            :id="id"
            v-model="draft.count"
            inputmode="numeric"
            :aria-describedby="describedBy"
            :aria-invalid="invalid"
          />
          <Select
            v-model="draft.unit"
            :options="UNITS.map((unit) => ({ value: unit, label: t(`add.unitName.${unit}`) }))"
            option-label="label"
            option-value="value"
            :aria-label="t('add.every')"
          />
        </span>
      </FieldRow>
      <TextField
        v-if="draft.ruleKind === 'interval'"
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
    <ChoiceField
      v-else-if="draft.ruleKind === 'clockChange'"
      v-model="draft.clock"
      :label="t('add.clock')"
      :options="CLOCKS.map((clock) => ({ value: clock, label: t(`add.clockOn.${clock}`) }))"
    />
    <div v-else-if="draft.ruleKind === 'season'" class="pair">
      <ChoiceField
        v-model="draft.anchor"
        :label="t('add.anchor')"
        :options="ANCHORS.map((anchor) => ({ value: anchor, label: t(`anchor.${anchor}`) }))"
      />
      <TextField
        v-model="draft.offset"
        :label="t('add.offset')"
        :hint="t('add.offsetHint')"
        :error="errorAt('offset')"
      />
    </div>
    <div v-else-if="draft.ruleKind === 'usage'" class="pair">
      <TextField
        v-model="draft.meter"
        :label="t('add.meter')"
        :hint="t('add.meterHint')"
        :error="errorAt('meter')"
      />
      <TextField
        v-model="draft.limit"
        :label="t('add.limit')"
        :error="errorAt('limit')"
        inputmode="decimal"
      />
      <TextField
        v-model="draft.perDay"
        :label="t('add.perDay')"
        :error="errorAt('perDay')"
        inputmode="decimal"
      />
    </div>
    <div v-else class="pair">
      <ChoiceField
        v-model="draft.trigger"
        :label="t('add.trigger')"
        :options="TRIGGERS.map((code) => ({ value: code, label: t(`trigger.${code}`) }))"
      />
      <TextField
        v-model="draft.respond"
        :label="t('add.respond')"
        :error="errorAt('respond')"
        inputmode="numeric"
      />
    </div>
  </fieldset>
</template>

<style scoped>
.every {
  display: flex;
  gap: 0.5rem;
}
</style>
