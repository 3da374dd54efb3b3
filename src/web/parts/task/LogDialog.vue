<script setup lang="ts">
import Checkbox from 'primevue/checkbox';
import Button from 'primevue/button';
import { doneFor } from '../../../core/ledger/write/doneFor.ts';
import { makeBody } from '../../../core/ledger/write/makeBody.ts';
import { v7 as uuid } from 'uuid';
import { computed, defineAsyncComponent, reactive, ref } from 'vue';
import TextField from '../../kit/TextField.vue';
import ChoiceField from '../../kit/ChoiceField.vue';
import FormFoot from '../../kit/FormFoot.vue';
import KitDialog from '../../kit/KitDialog.vue';
import type { CivilDate } from '../../../core/calendar/civilDate.ts';
import type { EntryBody } from '../../../core/ledger/entry.ts';
import { currencyDigits } from '../../../locales/format.ts';
import { practiceTitle } from '../../../locales/practiceText.ts';
import { dateText } from '../../../locales/speech.ts';
import { useForm } from '../../composables/useForm.ts';
import { useSpeech } from '../../composables/useSpeech.ts';
import { useTrial } from '../../composables/useTrial.ts';
import { useWriting, type Sent, type Wanted } from '../../composables/useWriting.ts';
import { loadLaterTexts } from '../../i18n.ts';
import { useHome } from '../../stores/home.ts';
import { readAmounts, readDayDone } from '../typed/done.ts';
import { writeCost } from '../typed/fields.ts';
import LogEffects from './LogEffects.vue';
import LookFields from './LookFields.vue';
import { isPrinted, readAge } from '../typed/age.ts';
import { asksAge } from '../typed/asksAge.ts';
import { isGraded, lookBody } from './look.ts';
import { type Line, type Unit } from './lines.ts';

/** Logs a line for another day or with details, and says beforehand what follows from it. */
const props = defineProps<{
  line: Line;
  /** The day and the cost, where they are known already; the cost in the smallest unit. */
  day?: CivilDate;
  paid?: number | null;
}>();
const emit = defineEmits<{ close: []; written: [sent: Sent, text: string] }>();

// It asks in sentences of the other pages.
const AgeFields = defineAsyncComponent(async () => {
  await loadLaterTexts();
  return import('./AgeFields.vue');
});

const NEW_PERSON = 'new';
const home = useHome();
const { write } = useWriting();
const speech = useSpeech();
const { errorAt, show, refuse, submit, busy } = useForm();

const t = computed(() => speech.value.t);
const title = computed(() => practiceTitle(speech.value, props.line.practice));
const today = computed(() => home.on ?? speech.value.today);
const currency = computed(() => home.house?.home.currency ?? 'USD');
/** Nobody knows how old it is: its date is read, on each thing for itself. */
const asked = computed(() => props.line.units.some(({ occurrence }) => asksAge(occurrence)));
const chosen = ref(props.line.units.slice(0, asked.value ? 1 : undefined).map(({ duty }) => duty.id));
const age = ref({ made: '', life: '', ends: '' });
const typed = reactive({
  date: (props.day ?? today.value) as string,
  who: '',
  whoName: '',
  minutes: '',
  cost:
    props.paid === undefined || props.paid === null
      ? ''
      : writeCost(props.paid, currencyDigits(currency.value)),
  note: '',
  skipped: false,
  found: '',
  why: '',
});

const looks = computed(() => props.line.units.some(({ occurrence }) => occurrence.asks === 'look'));
const graded = computed(
  () => props.line.practice.from === 'catalogue' && isGraded(home.find(props.line.practice.code)),
);
typed.found = !looks.value ? 'done' : asked.value ? 'read' : graded.value ? '0' : 'sound';
/** Only the work itself takes minutes and money; a look says what it found. */
const working = computed(() => !typed.skipped && typed.found === 'done');

const units = computed(() => props.line.units.filter(({ duty }) => chosen.value.includes(duty.id)));
/** The day as far as it is typed. */
const date = computed((): CivilDate | null => {
  const read = readDayDone(speech.value, typed.date, today.value);
  return typeof read === 'object' ? null : read;
});

const trial = useTrial(
  home.house?.home.id ?? '',
  () =>
    date.value === null ? [] : units.value.flatMap((unit) => bodiesFor(unit, date.value ?? today.value)),
  () => date.value,
);

/** The entries that a unit stands for on a day; none while what is typed says nothing. */
function bodiesFor(unit: Unit, on: CivilDate): EntryBody[] {
  const { duty, asset } = unit;
  if (typed.skipped) return [makeBody('skipped', { duty: duty.id, why: '-' })];
  if (working.value) return [doneOn(unit, on)];
  if (!asked.value) return [lookBody(typed.found, duty.id, asset.id)];
  const read = readAge(age.value);
  return read.ok ? read.bodies(asset.id) : [];
}

/** Done before frost or with a companion, it names the occurrence it was done for; before its window opens it is for none. */
function doneOn({ duty, occurrence }: Unit, on: CivilDate) {
  return on >= occurrence.window.earliest
    ? doneFor(duty.id, occurrence)
    : makeBody('done', { duty: duty.id });
}

const save = () =>
  submit(async () => {
    if (units.value.length === 0) return show(t.value('log.noUnit'), 'units');
    const on = readDayDone(speech.value, typed.date, today.value);
    if (typeof on === 'object') return show(on.text, on.field);
    const body = readBody();
    if (!body) return;
    const wanted = units.value.flatMap((unit) => wantedOf(unit, body, on));
    const names = speech.value.formats.list(units.value.map(({ asset }) => asset.name));
    const logged = t.value(
      'today.logged',
      { title: title.value, units: names, date: dateText(speech.value, on) },
      on === today.value ? 1 : 2,
    );
    const people = newPeople();
    const sent = await write(wanted, logged, people);
    if (sent.outcome.kind === 'delivered' && home.house)
      home.house = { ...home.house, people: [...home.house.people, ...people] };
    if (sent.outcome.kind === 'refused') refuse(sent.outcome.error);
    else emit('written', sent, logged);
  });

/** One unit's entries as they are written. */
function wantedOf(unit: Unit, body: Work, date: CivilDate): Wanted[] {
  const { duty, occurrence } = unit;
  const saw = occurrence.key;
  if (body.kind === 'skipped') return [{ date, body: { ...body, duty: duty.id }, saw }];
  if (!working.value) return bodiesFor(unit, date).map((each) => ({ date, body: each }));
  return [{ date, body: { ...body, ...doneOn(unit, date) }, saw }];
}

type Work = Extract<EntryBody, { kind: 'done' | 'skipped' }>;

/** The entry as typed, for any unit; null when something was refused and said. */
function readBody(): Work | null {
  if (typed.skipped) {
    if (typed.why.trim() !== '') return makeBody('skipped', { duty: '', why: typed.why.trim() });
    show(t.value('problem.missing'), 'why');
    return null;
  }
  const read = asked.value && !working.value ? readAge(age.value) : null;
  if (read?.ok === false) {
    show(t.value(read.problem), read.field);
    return null;
  }
  const amounts = readAmounts(speech.value, typed, currencyDigits(currency.value));
  if ('field' in amounts) {
    show(amounts.text, amounts.field);
    return null;
  }
  const { minutes, cost } = amounts;
  const who = readWho();
  if (who === null) return null;
  return makeBody('done', {
    duty: '',
    ...(who !== '' && { who }),
    ...(minutes !== null && { minutes }),
    ...(cost !== null && { cost }),
    ...(typed.note.trim() !== '' && { note: typed.note.trim() }),
  });
}

/** Someone new goes with the entry that names them, under one id however often it is sent. */
const newcomer = uuid();

/** The id of who did it; null where someone new has no name. */
function readWho(): string | null {
  if (typed.who !== NEW_PERSON) return typed.who;
  if (typed.whoName.trim() !== '') return newcomer;
  show(t.value('problem.missing'), 'name');
  return null;
}
const newPeople = () =>
  typed.who === NEW_PERSON && !typed.skipped ? [{ id: newcomer, name: typed.whoName.trim() }] : [];
</script>

<template>
  <KitDialog
    open
    :title="t('log.title', { title })"
    :close-label="t('shell.close')"
    @update:open="emit('close')"
  >
    <form class="form" novalidate @submit.prevent="save">
      <fieldset v-if="line.units.length > 1">
        <legend>{{ t('log.units') }}</legend>
        <div class="choices">
          <label v-for="unit in line.units" :key="unit.duty.id">
            <Checkbox v-model="chosen" :value="unit.duty.id" />{{ unit.asset.name }}
          </label>
        </div>
        <p v-if="errorAt('units')" class="notice wrong" role="alert">{{ errorAt('units') }}</p>
      </fieldset>
      <AgeFields
        v-if="asked"
        v-model:found="typed.found"
        v-model:draft="age"
        :printed="line.units.some(({ asset }) => isPrinted(asset))"
        :error-at="errorAt"
      />
      <LookFields v-else-if="looks && !typed.skipped" v-model="typed.found" :graded="graded" />
      <div class="pair">
        <TextField
          v-model="typed.date"
          :label="t('log.date')"
          :error="errorAt('date')"
          type="date"
          :max="today"
        />
        <ChoiceField
          v-if="working"
          v-model="typed.who"
          :label="t('log.who')"
          :error="errorAt('who')"
          :options="[
            { value: '', label: t('log.whoNone') },
            ...(home.house?.people ?? []).map((person) => ({ value: person.id, label: person.name })),
            { value: NEW_PERSON, label: t('log.whoNew') },
          ]"
        />
      </div>
      <TextField
        v-if="typed.who === NEW_PERSON && working"
        v-model="typed.whoName"
        :label="t('log.whoName')"
        :error="errorAt('name')"
      />
      <template v-if="working">
        <div class="pair">
          <TextField
            v-model="typed.minutes"
            :label="t('log.minutes')"
            :error="errorAt('minutes')"
            inputmode="numeric"
          />
          <TextField
            v-model="typed.cost"
            :label="t('log.cost', { currency })"
            :error="errorAt('cost')"
            inputmode="decimal"
          />
        </div>
        <TextField v-model="typed.note" :label="t('log.note')" :error="errorAt('note')" lines="several" />
      </template>
      <label v-if="!asked"><Checkbox v-model="typed.skipped" binary />{{ t('log.skip') }}</label>
      <TextField
        v-if="typed.skipped"
        v-model="typed.why"
        :label="t('log.skipWhy')"
        :error="errorAt('why')"
        maxlength="200"
      />
      <LogEffects :units="units" :on="date" :today="today" :trial="trial" :speech="speech" />
      <FormFoot :error="errorAt('')" :send="t('log.save')" :busy="busy"
        ><Button text @click="emit('close')">{{ t('shell.cancel') }}</Button></FormFoot
      >
    </form>
  </KitDialog>
</template>
