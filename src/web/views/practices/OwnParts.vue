<script setup lang="ts">
import Checkbox from 'primevue/checkbox';
import { computed } from 'vue';
import ChoiceField from '../../kit/ChoiceField.vue';
import TextField from '../../kit/TextField.vue';
import { MEASURES } from '../../../core/readings/measures.ts';
import { setUpSchema, STATES, toolSchema, TRAITS } from '../../../core/practice/lists.ts';
import type { Practice } from '../../../core/practice/practice.ts';
import { SUPPLIES } from '../../../core/practice/supplies.ts';
import { lists } from '../../../locales/lists.ts';
import { words, type Speech } from '../../../locales/speech.ts';
import RuleFields from '../../parts/task/RuleFields.vue';
import type { OwnDraft } from './ownPractice.ts';

/** The parts of a practice that few need, and all may have. */
const props = defineProps<{
  speech: Speech;
  practices: readonly Practice[];
  errorAt: (...names: string[]) => string;
}>();
const draft = defineModel<OwnDraft>({ required: true });

const t = computed(() => props.speech.t);
/** Opens where something in it is wrong, or it could not be seen. */
const wrong = computed(() => props.errorAt('otherName', 'otherRightWhen', 'factorValue', 'quantity') !== '');
const NO_ERRORS = (): string => '';
const CODES = ['bound', 'handy', 'covers'] as const;
</script>

<template>
  <details :open="wrong">
    <summary>{{ t('practices.own.parts') }}</summary>
    <fieldset v-if="draft.kind === 'duty'" class="form">
      <legend>{{ t('practices.own.other') }}</legend>
      <TextField
        v-model="draft.otherName"
        :label="t('practices.own.otherName')"
        :error="errorAt('otherName')"
        maxlength="120"
      />
      <TextField
        v-model="draft.otherRightWhen"
        :label="t('practices.own.otherRightWhen')"
        :error="errorAt('otherRightWhen')"
        maxlength="700"
      />
      <RuleFields v-if="draft.otherName !== ''" v-model="draft.otherRule" :error-at="NO_ERRORS" />
    </fieldset>
    <div class="pair">
      <template v-if="draft.kind === 'duty'">
        <ChoiceField
          v-model="draft.factor"
          :label="t('practices.own.factor')"
          :options="[
            { value: '', label: t('practices.own.none') },
            ...Object.keys(lists.factor).map((code) => ({ value: code, label: t(`factor.${code}`) })),
          ]"
        />
        <TextField
          v-model="draft.factorValue"
          :label="t('practices.own.factorValue')"
          :error="errorAt('factorValue')"
          inputmode="decimal"
        />
      </template>
      <ChoiceField
        v-model="draft.supply"
        :label="t('practices.own.supply')"
        :options="[
          { value: '', label: t('practices.own.none') },
          ...Object.keys(SUPPLIES).map((code) => ({ value: code, label: t(`supply.${code}`) })),
        ]"
      />
      <TextField
        v-model="draft.quantity"
        :label="t('practices.own.quantity')"
        :error="errorAt('quantity')"
        inputmode="decimal"
      />
      <ChoiceField
        v-model="draft.state"
        :label="t('practices.own.state')"
        :options="[
          { value: '', label: t('practices.own.none') },
          ...STATES.map((code) => ({ value: code, label: t(`state.${code}`) })),
        ]"
      />
      <ChoiceField
        v-model="draft.half"
        :label="t('practices.own.half')"
        :options="[
          { value: 'closes', label: t('practices.own.closes') },
          { value: 'opens', label: t('practices.own.opens') },
        ]"
      />
      <ChoiceField
        v-for="part in CODES"
        :key="part"
        v-model="draft[part]"
        :label="t(`practices.own.${part}`)"
        :options="[
          { value: '', label: t('practices.own.none') },
          ...practices.map((practice) => ({ value: practice.code, label: words(speech, practice.title) })),
        ]"
      />
      <ChoiceField
        v-model="draft.trait"
        :label="t('practices.own.trait')"
        :options="[
          { value: '', label: t('practices.own.anyHouse') },
          ...TRAITS.map((code) => ({ value: code, label: t(`trait.${code}`) })),
        ]"
      />
    </div>
    <fieldset class="form">
      <legend>{{ t('practices.own.setUps') }}</legend>
      <div class="choices">
        <label v-for="code in setUpSchema.options" :key="code">
          <Checkbox v-model="draft.setUps" :value="code" />{{ t(`setUp.${code}`) }}
        </label>
      </div>
    </fieldset>
    <fieldset class="form">
      <legend>{{ t('practices.own.tools') }}</legend>
      <div class="choices">
        <label v-for="code in toolSchema.options" :key="code">
          <Checkbox v-model="draft.tools" :value="code" />{{ t(`tool.${code}`) }}
        </label>
      </div>
    </fieldset>
    <fieldset class="form">
      <legend>{{ t('practices.own.reads') }}</legend>
      <div class="choices">
        <label v-for="(_, code) in MEASURES" :key="code">
          <Checkbox v-model="draft.reads" :value="code" />{{ t(`measure.${code}`) }}
        </label>
      </div>
    </fieldset>
  </details>
</template>

<style scoped>
details > * + * {
  margin-top: var(--line);
}
</style>
