<script setup lang="ts">
import Checkbox from 'primevue/checkbox';
import Button from 'primevue/button';
import { computed, reactive } from 'vue';
import ChoiceField from '../../kit/ChoiceField.vue';
import FormFoot from '../../kit/FormFoot.vue';
import TextField from '../../kit/TextField.vue';
import { HAZARDS } from '../../../core/catalogue/data/hazards.ts';
import { hazardSchema, practiceSystemSchema } from '../../../core/practice/lists.ts';
import { seasonSchema } from '../../../core/climate/anchor.ts';
import { assetKindSchema } from '../../../core/basics/assetKind.ts';
import { doerSchema } from '../../../core/practice/terms.ts';
import { lists } from '../../../locales/lists.ts';
import { words, type Speech } from '../../../locales/speech.ts';
import { useActs } from '../../composables/useActs.ts';
import { useForm } from '../../composables/useForm.ts';
import RuleFields from '../../parts/task/RuleFields.vue';
import { faultText } from '../../parts/typed/fields.ts';
import type { Practice } from '../../../core/practice/practice.ts';
import OwnParts from './OwnParts.vue';
import { ownDraftOf } from './ownDraft.ts';
import { emptyOwn, readOwn } from './ownPractice.ts';

/** Adds a practice of one's own to this home's catalogue, with the parts the others have, or changes one. */
const props = defineProps<{
  homeId: string;
  taken: readonly string[];
  practices: readonly Practice[];
  speech: Speech;
  /** The one to change; null to add one. */
  changing: Practice | null;
}>();
const emit = defineEmits<{ saved: [title: string, waits: string]; close: [] }>();

const { busy, errorAt, show, submit } = useForm();
const { act } = useActs();
const t = computed(() => props.speech.t);
const draft = reactive((props.changing && ownDraftOf(props.changing)) ?? emptyOwn());

const save = () =>
  submit(async () => {
    const read = readOwn(draft, new Set(props.taken), props.changing?.code ?? null);
    if ('field' in read) return show(faultText(t.value, read), read.field);
    const { practice } = read;
    const { title, code } = practice;
    const { homeId } = props;
    const waits = await act({
      route: 'savePractice',
      homeId,
      params: { code },
      body: { practice },
      label: title,
    });
    emit('saved', title, waits);
  });
</script>

<template>
  <form class="form own" novalidate @submit.prevent="save">
    <fieldset class="form">
      <legend>{{ changing ? t('practices.changing') : t('practices.add') }}</legend>
      <TextField
        v-model="draft.title"
        :label="t('practices.own.title')"
        :error="errorAt('title')"
        maxlength="120"
      />
      <TextField
        v-model="draft.why"
        :label="t('practices.own.why')"
        :error="errorAt('why')"
        lines="several"
        maxlength="700"
      />
      <div class="pair">
        <ChoiceField
          v-model="draft.kind"
          :label="t('practices.own.kind')"
          :options="
            Object.keys(lists.practiceKind).map((kind) => ({ value: kind, label: t(`practiceKind.${kind}`) }))
          "
        />
        <ChoiceField
          v-model="draft.appliesTo"
          :label="t('practices.own.appliesTo')"
          :options="assetKindSchema.options.map((kind) => ({ value: kind, label: t(`assetKind.${kind}`) }))"
        />
        <ChoiceField
          v-model="draft.system"
          :label="t('practices.own.system')"
          :options="
            practiceSystemSchema.options.map((system) => ({ value: system, label: t(`system.${system}`) }))
          "
        />
        <ChoiceField
          v-model="draft.doer"
          :label="t('add.doer')"
          :options="doerSchema.options.map((doer) => ({ value: doer, label: t(`doer.${doer}`) }))"
        />
        <TextField
          v-model="draft.minutes"
          :label="t('log.minutes')"
          :error="errorAt('minutes')"
          inputmode="numeric"
        />
        <TextField
          v-model="draft.leadDays"
          :label="t('practices.own.lead')"
          :error="errorAt('leadDays')"
          inputmode="numeric"
        />
      </div>
      <label><Checkbox v-model="draft.lifeSafety" binary />{{ t('add.ownSafety') }}</label>
    </fieldset>
    <template v-if="draft.kind === 'duty'">
      <RuleFields v-model="draft.rule" :error-at="errorAt" />
      <div class="pair">
        <ChoiceField
          v-model="draft.season"
          :label="t('practices.own.season')"
          :options="[
            { value: '', label: t('practices.own.allYear') },
            ...seasonSchema.options.map((season) => ({ value: season, label: t(`season.${season}`) })),
          ]"
        />
      </div>
      <label><Checkbox v-model="draft.beforeFrost" binary />{{ t('practices.own.beforeFrost') }}</label>
    </template>
    <fieldset class="form">
      <legend>{{ t('practices.own.steps') }}</legend>
      <p class="soft small">{{ t('practices.own.stepsHint') }}</p>
      <TextField v-model="draft.first" :label="t('practices.stage.first')" lines="several" />
      <TextField
        v-model="draft.work"
        :label="t('practices.own.work')"
        :error="errorAt('work')"
        lines="several"
      />
      <TextField v-model="draft.closeOut" :label="t('practices.stage.closeOut')" lines="several" />
      <TextField v-model="draft.later" :label="t('practices.stage.later')" lines="several" />
      <details>
        <summary>{{ t('practices.own.cautions') }}</summary>
        <label v-for="hazard in hazardSchema.options" :key="hazard" class="hazard">
          <Checkbox v-model="draft.cautions" :value="hazard" />
          {{ words(speech, HAZARDS[hazard].caution) }}
        </label>
      </details>
    </fieldset>
    <fieldset class="form">
      <legend>{{ t('practices.own.judge') }}</legend>
      <TextField v-model="draft.sound" :label="t('practices.verdict.sound')" maxlength="700" />
      <TextField v-model="draft.act" :label="t('practices.verdict.act')" maxlength="700" />
      <TextField v-model="draft.stop" :label="t('practices.verdict.stop')" maxlength="700" />
      <TextField v-model="draft.mistakes" :label="t('practices.own.mistakes')" lines="several" />
    </fieldset>
    <OwnParts v-model="draft" :speech="speech" :practices="practices" :error-at="errorAt" />
    <FormFoot
      :error="errorAt('')"
      :send="changing ? t('practices.own.keep') : t('practices.own.save')"
      :busy="busy"
    >
      <Button text @click="emit('close')">{{ t('shell.cancel') }}</Button>
    </FormFoot>
  </form>
</template>

<style scoped>
.own {
  max-width: 46rem;
  margin-bottom: calc(var(--line) * 2);
}

.hazard {
  display: block;
  padding: 0.125rem 0 0.125rem 1.75rem;
  text-indent: -1.75rem;
}
</style>
