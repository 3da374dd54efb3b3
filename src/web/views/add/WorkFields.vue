<script setup lang="ts">
import RadioButton from 'primevue/radiobutton';
import InputText from 'primevue/inputtext';
import Checkbox from 'primevue/checkbox';
import Button from 'primevue/button';
import { computed } from 'vue';
import TextField from '../../kit/TextField.vue';
import ChoiceField from '../../kit/ChoiceField.vue';
import type { Practice } from '../../../core/practice/practice.ts';
import { takesFactors } from '../../../core/practice/rule.ts';
import { doerSchema } from '../../../core/practice/terms.ts';
import { factorName } from '../../../locales/reasonText.ts';
import { words, type Speech } from '../../../locales/speech.ts';
import RuleFields from '../../parts/task/RuleFields.vue';
import { NONE, OWN, schoolsOf, type Draft } from '../../parts/task/draft.ts';

/** The task to add: a task of the catalogue by one of its schools, or one's own, with what wears it here. */
const props = defineProps<{
  practice: Practice | undefined;
  practices: readonly Practice[];
  speech: Speech;
  today: string;
  errorAt: (...names: string[]) => string;
}>();
const draft = defineModel<Draft>({ required: true });

const t = computed(() => props.speech.t);
const DOERS = doerSchema.options;
const known = computed(() => (props.practice?.kind === 'duty' ? props.practice.factors : []));
const usual = computed(() => (props.practice?.kind === 'duty' ? props.practice.defaultSchool : ''));
const say = (text: string): string => words(props.speech, text);
/** Nothing wears what is due on a listed day: factors only act where time is counted. */
const wears = computed(() => {
  const school = schoolsOf(props.practice).find(({ code }) => code === draft.value.school);
  return school ? takesFactors(school.rule) : draft.value.ruleKind === 'interval';
});
const ownFactors = computed(() =>
  draft.value.factors.filter(({ code }) => !known.value.some((factor) => factor.code === code)),
);

const taken = (code: string) => draft.value.factors.find((factor) => factor.code === code);

function toggle(code: string, value: number, on: boolean): void {
  if (on) draft.value.factors.push({ code, value: String(value) });
  else draft.value.factors = draft.value.factors.filter((factor) => factor.code !== code);
}

function drop(factor: { code: string }): void {
  draft.value.factors = draft.value.factors.filter((one) => one !== factor);
}
</script>

<template>
  <fieldset class="form">
    <legend>{{ t('add.work') }}</legend>
    <ChoiceField
      v-model="draft.practice"
      :label="t('add.practice')"
      :hint="practice ? say(practice.why) : undefined"
      :error="errorAt('practice')"
      :options="[
        { value: NONE, label: t('add.noWork') },
        ...practices.map((one) => ({ value: one.code, label: say(one.title) })),
        { value: OWN, label: t('add.own') },
      ]"
    />
    <template v-if="draft.practice !== NONE">
      <template v-if="draft.practice === OWN">
        <TextField
          v-model="draft.title"
          :label="t('add.ownTitle')"
          :error="errorAt('title')"
          maxlength="120"
        />
        <label><Checkbox v-model="draft.lifeSafety" binary />{{ t('add.ownSafety') }}</label>
      </template>
      <fieldset v-if="practice">
        <legend>{{ t('add.school') }}</legend>
        <label v-for="school in schoolsOf(practice)" :key="school.code" class="school">
          <RadioButton v-model="draft.school" :value="school.code" />
          <span>
            {{ say(school.name) }}
            <span v-if="school.code === usual" class="soft">({{ t('add.schoolUsual') }})</span>
            <span class="soft small when"
              >{{ say(school.argues) }} {{ t('practices.right', { when: say(school.rightWhen) }) }}</span
            >
          </span>
        </label>
        <label class="school"
          ><RadioButton v-model="draft.school" :value="OWN" />{{ t('add.ownRule') }}</label
        >
      </fieldset>
      <RuleFields v-if="!practice || draft.school === OWN" v-model="draft" :error-at="errorAt" />
      <fieldset v-if="wears">
        <legend>{{ t('add.factors') }}</legend>
        <p class="soft small">{{ t('add.factorHint') }}</p>
        <div v-for="factor in known" :key="factor.code" class="factor">
          <label>
            <Checkbox
              binary
              :checked="!!taken(factor.code)"
              @change="toggle(factor.code, factor.value, ($event.target as HTMLInputElement).checked)"
            />
            {{ factorName(speech, factor.code) }}
          </label>
          <InputText
            v-if="taken(factor.code)"
            v-model="taken(factor.code)!.value"
            inputmode="decimal"
            :aria-label="`${t('add.factorValue')}: ${factorName(speech, factor.code)}`"
          />
        </div>
        <div v-for="(factor, index) in ownFactors" :key="index" class="factor">
          <InputText
            v-model="factor.code"
            maxlength="60"
            :aria-label="t('add.factorOwn')"
            :placeholder="t('add.factorOwn')"
          />
          <InputText v-model="factor.value" inputmode="decimal" :aria-label="t('add.factorValue')" />
          <Button text @click="drop(factor)">{{ t('add.factorDrop') }}</Button>
        </div>
        <Button text @click="draft.factors.push({ code: '', value: '0.75' })">
          {{ t('add.factorAdd') }}
        </Button>
        <p v-if="errorAt('factors')" class="notice wrong" role="alert">{{ errorAt('factors') }}</p>
      </fieldset>
      <div class="pair">
        <ChoiceField
          v-model="draft.doer"
          :label="t('add.doer')"
          :options="DOERS.map((doer) => ({ value: doer, label: t(`doer.${doer}`) }))"
        />
        <TextField
          v-model="draft.lastDone"
          :label="t('add.lastDone')"
          :hint="t('add.lastDoneHint')"
          :error="errorAt('lastDone')"
          type="date"
          :max="today"
        />
      </div>
    </template>
  </fieldset>
</template>

<style scoped>
.school {
  display: flex;
  align-items: flex-start;
  padding: 0.125rem 0;
}

.school input {
  flex: none;
  margin-top: 0.1875rem;
}

.when {
  display: block;
}

.factor {
  display: flex;
  align-items: center;
  gap: 1rem;
  margin: 0.25rem 0;
}

.factor label {
  min-width: 12rem;
}

.factor > input[inputmode='decimal'] {
  width: 5rem;
}
</style>
