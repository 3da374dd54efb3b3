<script setup lang="ts">
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
        <ChoiceField v-model="draft.factor" :label="t('practices.own.factor')">
          <option value="">{{ t('practices.own.none') }}</option>
          <option v-for="(_, code) in lists.factor" :key="code" :value="code">
            {{ t(`factor.${code}`) }}
          </option>
        </ChoiceField>
        <TextField
          v-model="draft.factorValue"
          :label="t('practices.own.factorValue')"
          :error="errorAt('factorValue')"
          inputmode="decimal"
        />
      </template>
      <ChoiceField v-model="draft.supply" :label="t('practices.own.supply')">
        <option value="">{{ t('practices.own.none') }}</option>
        <option v-for="(_, code) in SUPPLIES" :key="code" :value="code">{{ t(`supply.${code}`) }}</option>
      </ChoiceField>
      <TextField
        v-model="draft.quantity"
        :label="t('practices.own.quantity')"
        :error="errorAt('quantity')"
        inputmode="decimal"
      />
      <ChoiceField v-model="draft.state" :label="t('practices.own.state')">
        <option value="">{{ t('practices.own.none') }}</option>
        <option v-for="code in STATES" :key="code" :value="code">{{ t(`state.${code}`) }}</option>
      </ChoiceField>
      <ChoiceField v-model="draft.half" :label="t('practices.own.half')">
        <option value="closes">{{ t('practices.own.closes') }}</option>
        <option value="opens">{{ t('practices.own.opens') }}</option>
      </ChoiceField>
      <ChoiceField
        v-for="part in CODES"
        :key="part"
        v-model="draft[part]"
        :label="t(`practices.own.${part}`)"
      >
        <option value="">{{ t('practices.own.none') }}</option>
        <option v-for="practice in practices" :key="practice.code" :value="practice.code">
          {{ words(speech, practice.title) }}
        </option>
      </ChoiceField>
      <ChoiceField v-model="draft.trait" :label="t('practices.own.trait')">
        <option value="">{{ t('practices.own.anyHouse') }}</option>
        <option v-for="code in TRAITS" :key="code" :value="code">{{ t(`trait.${code}`) }}</option>
      </ChoiceField>
    </div>
    <fieldset class="form">
      <legend>{{ t('practices.own.setUps') }}</legend>
      <div class="choices">
        <label v-for="code in setUpSchema.options" :key="code">
          <input v-model="draft.setUps" type="checkbox" :value="code" />{{ t(`setUp.${code}`) }}
        </label>
      </div>
    </fieldset>
    <fieldset class="form">
      <legend>{{ t('practices.own.tools') }}</legend>
      <div class="choices">
        <label v-for="code in toolSchema.options" :key="code">
          <input v-model="draft.tools" type="checkbox" :value="code" />{{ t(`tool.${code}`) }}
        </label>
      </div>
    </fieldset>
    <fieldset class="form">
      <legend>{{ t('practices.own.reads') }}</legend>
      <div class="choices">
        <label v-for="(_, code) in MEASURES" :key="code">
          <input v-model="draft.reads" type="checkbox" :value="code" />{{ t(`measure.${code}`) }}
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
