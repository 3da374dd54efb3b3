<script setup lang="ts">
import RadioButton from 'primevue/radiobutton';
import Button from 'primevue/button';
import { computed, reactive, ref, useTemplateRef, watch } from 'vue';
import ChoiceField from '../../kit/ChoiceField.vue';
import FindingFields from '../../parts/finding/FindingFields.vue';
import FormFoot from '../../kit/FormFoot.vue';
import TextField from '../../kit/TextField.vue';
import type { HouseBody } from '../../../contract/schemas.ts';
import { entryBodySchema } from '../../../core/ledger/entry.ts';
import { lists } from '../../../locales/lists.ts';
import { unitSymbol } from '../../../locales/readings/readingText.ts';
import type { Speech } from '../../../locales/speech.ts';
import { thingName } from '../../../locales/thingName.ts';
import { useForm } from '../../composables/useForm.ts';
import { GRADES } from '../../parts/task/look.ts';
import { readDayDone } from '../../parts/typed/done.ts';
import { faultText } from '../../parts/typed/fields.ts';
import ReadingNote from './ReadingNote.vue';
import { measureUnits, OWN_TRIGGER, readNote, type LogDraft, type NoteDraft, type Noted } from './draft.ts';

/** One thing worth noting, by its kind. What it moves is said once it is written. */
const props = defineProps<{
  house: HouseBody;
  speech: Speech;
  today: string;
  busy: boolean;
  /** The values known already. */
  preset: LogDraft;
}>();
const emit = defineEmits<{ note: [noted: Noted]; cancel: [] }>();

const VERDICTS = ['sound', 'watch', 'act', 'stop'] as const;
const units = computed(() => measureUnits(props.house.home.units));
/** A measure with its unit as people write it; a share or a count has none. */
function measureLabel(measure: string): string {
  const symbol = unitSymbol(units.value[measure] ?? '');
  return symbol === '' ? t.value(`measure.${measure}`) : `${t.value(`measure.${measure}`)} (${symbol})`;
}
const numbered = computed(() => Object.keys(units.value).filter((measure) => measure !== 'filter-grade'));

const { errorAt, show, clear } = useForm();
const t = computed(() => props.speech.t);
const standing = computed(() =>
  props.house.assets.filter(({ id }) => !props.house.assets.some(({ succeeds }) => succeeds === id)),
);
const filters = computed(() => standing.value.filter(({ kind }) => kind === 'filter-position'));
const draft = reactive<NoteDraft>({
  kind: props.preset.kind === 'season' ? 'text' : props.preset.kind,
  date: props.preset.date ?? props.today,
  trigger: props.preset.trigger ?? 'windstorm',
  ownTrigger: '',
  asset: props.house.assets.find(({ id }) => id === props.preset.thing)?.id ?? '',
  measure: 'run-hours',
  value: '',
  grade: '',
  what: props.preset.what ?? '',
  verdict: 'act',
  place: '',
  days: '',
  photo: props.preset.photo ?? null,
  repairs: [],
  made: '',
  supply: props.preset.supply ?? 'filter-panel',
  change: '',
  note: props.preset.note ?? '',
});
const things = computed(() => (draft.kind === 'grade' ? filters.value : standing.value));
const speaksOfThing = computed(() => draft.kind !== 'event' && draft.kind !== 'stock');
// A thing that cannot be spoken of so is let go; the only one there is stands chosen.
watch(
  things,
  (some) => {
    if (some.some(({ id }) => id === draft.asset)) return;
    draft.asset = (draft.kind === 'grade' && some.length === 1 && some[0]?.id) || '';
  },
  { immediate: true },
);

const readingCode = ref(props.preset.measurement ?? '');
const reading = useTemplateRef('reading');
const chosenKind = computed(() => standing.value.find(({ id }) => id === draft.asset)?.kind);

function send(): void {
  clear();
  const date = readDayDone(props.speech, draft.date, props.today);
  if (typeof date === 'object') return show(date.text, date.field);
  if (draft.kind === 'reading' && readingCode.value !== '' && reading.value) {
    const note = draft.note.trim();
    const entries = reading.value.entriesOn(date, note === '' ? undefined : note);
    if (entries) emit('note', { entries, label: t.value('note.noted.reading') });
    return;
  }
  const read = readNote(draft, units.value);
  if ('field' in read) return show(faultText(t.value, read), read.field);
  const checked = entryBodySchema.safeParse(read.body);
  if (!checked.success) {
    const [issue] = checked.error.issues;
    return show(
      t.value('problem.partial-date'),
      draft.kind === 'made' ? 'made' : String(issue?.path[0] ?? ''),
    );
  }
  emit('note', { entries: [{ date, body: checked.data }], label: t.value(`note.noted.${draft.kind}`) });
}
</script>

<template>
  <section :aria-label="t(`note.kinds.${draft.kind}`)">
    <h2>{{ t(`note.kinds.${draft.kind}`) }}</h2>
    <form class="form" novalidate @submit.prevent="send">
      <template v-if="draft.kind === 'event'">
        <ChoiceField
          v-model="draft.trigger"
          :label="t('note.trigger')"
          :options="[
            ...Object.keys(lists.trigger).map((code) => ({ value: code, label: t(`trigger.${code}`) })),
            { value: OWN_TRIGGER, label: t('note.ownTrigger') },
          ]"
        />
        <TextField
          v-if="draft.trigger === OWN_TRIGGER"
          v-model="draft.ownTrigger"
          :label="t('note.ownTriggerName')"
          :error="errorAt('ownTrigger')"
          maxlength="60"
        />
      </template>
      <ChoiceField
        v-if="speaksOfThing"
        v-model="draft.asset"
        :label="t('note.thing')"
        :error="errorAt('asset')"
        :options="[
          { value: '', label: draft.kind === 'text' ? t('note.noThing') : t('note.choose') },
          ...things.map((asset) => ({ value: asset.id, label: thingName(speech, asset, house.spaces) })),
        ]"
      />
      <fieldset v-if="draft.kind === 'grade'">
        <legend>{{ t('note.grade') }}</legend>
        <div class="choices">
          <label v-for="(value, grade) in GRADES" :key="grade">
            <RadioButton v-model="draft.grade" :value="value" />{{ t(`log.grade.${grade}`) }}
          </label>
        </div>
        <p v-if="errorAt('grade')" class="notice wrong" role="alert">{{ errorAt('grade') }}</p>
      </fieldset>
      <ReadingNote
        v-if="draft.kind === 'reading' && chosenKind"
        ref="reading"
        :key="draft.asset"
        v-model:code="readingCode"
        :kind="chosenKind"
        :asset="draft.asset"
      />
      <div v-if="draft.kind === 'reading' && (!chosenKind || readingCode === '')" class="pair">
        <ChoiceField
          v-model="draft.measure"
          :label="t('note.measure')"
          :options="
            numbered.map((measure) => ({
              value: measure,
              label: measureLabel(measure),
            }))
          "
        />
        <TextField
          v-model="draft.value"
          :label="t('note.value')"
          :error="errorAt('value')"
          inputmode="decimal"
        />
      </div>
      <FindingFields
        v-if="draft.kind === 'finding'"
        v-model:what="draft.what"
        v-model:verdict="draft.verdict"
        v-model:place="draft.place"
        v-model:days="draft.days"
        v-model:photo="draft.photo"
        v-model:repairs="draft.repairs"
        :home-id="house.home.id"
        :asset="draft.asset"
        :kind="chosenKind"
        :verdicts="VERDICTS"
        :speech="speech"
        :error-at="errorAt"
      />
      <TextField
        v-if="draft.kind === 'made'"
        v-model="draft.made"
        :label="t('note.made')"
        :hint="t('note.madeHint')"
        :error="errorAt('made')"
        maxlength="10"
      />
      <div v-if="draft.kind === 'stock'" class="pair">
        <ChoiceField
          v-model="draft.supply"
          :label="t('note.supply')"
          :options="Object.keys(lists.supply).map((code) => ({ value: code, label: t(`supply.${code}`) }))"
        />
        <TextField
          v-model="draft.change"
          :label="t('note.change')"
          :hint="t('note.changeHint')"
          :error="errorAt('change')"
        />
      </div>
      <div class="pair">
        <TextField
          v-model="draft.date"
          :label="t('note.date')"
          :error="errorAt('date')"
          type="date"
          :max="today"
        />
      </div>
      <TextField
        v-if="draft.kind !== 'stock' && draft.kind !== 'made'"
        v-model="draft.note"
        :label="t('log.note')"
        :error="errorAt('note')"
        lines="several"
      />
      <FormFoot :error="errorAt('')" :send="t('note.save')" :busy="busy">
        <Button text :label="t('shell.cancel')" @click="emit('cancel')" />
      </FormFoot>
    </form>
  </section>
</template>
