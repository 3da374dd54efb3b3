<script setup lang="ts">
import RadioButton from 'primevue/radiobutton';
import Checkbox from 'primevue/checkbox';
import Button from 'primevue/button';
import { makeBody } from '../../../core/ledger/write/makeBody.ts';
import { computed, reactive, ref, watch } from 'vue';
import ChoiceField from '../../kit/ChoiceField.vue';
import FormFoot from '../../kit/FormFoot.vue';
import MovesList from '../../kit/MovesList.vue';
import TextField from '../../kit/TextField.vue';
import type { SchoolsBody } from '../../../contract/schemas.ts';
import type { Span } from '../../../core/calendar/span.ts';
import type { EntryBody } from '../../../core/ledger/entry.ts';
import { takesFactors, type Rule } from '../../../core/practice/rule.ts';
import type { Terms } from '../../../core/practice/terms.ts';
import { factorName } from '../../../locales/reasonText.ts';
import { ruleText } from '../../../locales/practiceText.ts';
import { dateText, words, type Speech } from '../../../locales/speech.ts';
import { ask } from '../../device/ask.ts';
import { useErrorText } from '../../composables/useErrorText.ts';
import { useTrial } from '../../composables/useTrial.ts';
import { faultText, readInteger } from '../../parts/typed/fields.ts';
import { useWriting, type Sent } from '../../composables/useWriting.ts';
import { useHome } from '../../stores/home.ts';
import { dutyName } from '../../parts/entry/describe.ts';
import SchoolTable from './SchoolTable.vue';
import { sameTerms, type KeptLine } from './keptLines.ts';

/** The schools of a practice side by side with what each means here; an interval of one's own, who does it, what wears it: and what that moves. */
const props = defineProps<{
  line: KeptLine;
  /** The terms the panel opens with: those in force, or those that evidence proposes. */
  start: Terms;
  homeId: string;
  speech: Speech;
  title: string;
}>();
const emit = defineEmits<{ close: []; written: [sent: Sent, text: string] }>();

const OWN = '';
const UNITS = ['days', 'weeks', 'months', 'years'] as const;
const DOERS = ['self', 'helper', 'trade'] as const;
const home = useHome();
const { write } = useWriting();
const { tell } = useErrorText();
const t = computed(() => props.speech.t);
const practice = computed(() => (props.line.known?.kind === 'duty' ? props.line.known : null));
const schools = ref<SchoolsBody['schools']>([]);
const failed = ref('');
const busy = ref(false);
const error = ref('');

const startRule = props.start.rule;
const chosen = reactive({
  school: props.start.school ?? OWN,
  count: startRule.kind === 'interval' ? String(startRule.every.count) : '3',
  unit: (startRule.kind === 'interval' ? startRule.every.unit : 'months') as Span['unit'],
  doer: props.start.doer,
  factors: props.start.factors.map(({ code }) => code),
});

void ask('schools', { params: { homeId: props.homeId, dutyId: props.line.units[0]?.duty.id ?? '' } }).then(
  (body) => {
    schools.value = body.schools;
  },
  (reason: unknown) => {
    failed.value = tell(reason).text;
  },
);

const readCount = () => readInteger(chosen.count, 1, 99_999);

/** A rule of one's own that is no interval stays as it is until something else is chosen. */
const ownRule = computed((): Rule | null => {
  if (props.start.school === null && startRule.kind !== 'interval') return startRule;
  const count = readCount();
  if (!count.ok) return null;
  // A floor belongs to its school; one's own interval keeps the floor it was given.
  const floor =
    props.start.school === null && startRule.kind === 'interval' ? startRule.floorDays : undefined;
  return {
    kind: 'interval',
    every: { unit: chosen.unit, count: count.value },
    ...(floor !== undefined && { floorDays: floor }),
  };
});
/** Another school than the present one brings its rule of today; the present one stands as it was taken. */
const school = computed(() =>
  chosen.school === props.start.school
    ? props.start
    : practice.value?.schools.find(({ code }) => code === chosen.school),
);
const rule = computed((): Rule | null =>
  chosen.school === OWN ? ownRule.value : (school.value?.rule ?? startRule),
);
/** Factors the chosen rule allows for already: its factors can be ticked and do nothing. */
const allowsFor = computed(() => (chosen.school === OWN ? undefined : school.value?.allowsFor));
// An interval of one's own takes no factor unless it is ticked for it.
watch(
  () => chosen.school,
  (now) => {
    chosen.factors =
      now === OWN && props.start.school !== null ? [] : props.start.factors.map(({ code }) => code);
  },
);
/** Those in force keep the strength the household gave them; new ones take the usual. */
const factors = computed(() => {
  const usual = [
    ...props.line.terms.factors,
    ...(practice.value?.factors ?? []).filter(
      ({ code }) => !props.line.terms.factors.some((one) => one.code === code),
    ),
  ];
  return usual;
});
const terms = computed((): Terms | null =>
  rule.value === null
    ? null
    : {
        school: chosen.school === OWN ? null : chosen.school,
        rule: rule.value,
        factors: takesFactors(rule.value)
          ? factors.value.filter(({ code }) => chosen.factors.includes(code))
          : [],
        ...(allowsFor.value && { allowsFor: allowsFor.value }),
        doer: chosen.doer,
      },
);
const bodies = computed((): EntryBody[] => {
  const { value: wanted } = terms;
  if (!wanted || sameTerms(wanted, props.line.terms)) return [];
  return props.line.units.map(({ duty }) => makeBody('terms', { duty: duty.id, terms: wanted }));
});
const trial = useTrial(props.homeId, () => bodies.value);
const nameOf = (id: string): string => (home.house ? dutyName(home.house, id, props.speech) : id);

const rows = computed(() =>
  (practice.value?.schools ?? []).map((school) => {
    const meaning = schools.value.find((one) => one.school === school.code);
    return {
      code: school.code,
      name: words(props.speech, school.name),
      rule: ruleText(props.speech, school.rule),
      argues: words(props.speech, school.argues),
      right: words(props.speech, school.rightWhen),
      usual:
        school.code === practice.value?.defaultSchool
          ? words(props.speech, practice.value.defaultBecause)
          : null,
      times: meaning ? timesText(meaning) : '…',
      minutes: meaning ? props.speech.formats.number(Math.round(meaning.minutesAYear)) : '…',
      cost:
        typeof meaning?.costAYear === 'number' && home.house
          ? props.speech.formats.money(meaning.costAYear, home.house.home.currency)
          : '',
      days: meaning?.days ?? [],
      next: meaning
        ? meaning.next === null
          ? t.value('upkeep.notDue')
          : dateText(props.speech, meaning.next)
        : '…',
    };
  }),
);

function timesText({ timesAYear, byEvent }: SchoolsBody['schools'][number]): string {
  if (timesAYear === 0) return t.value(byEvent ? 'upkeep.events' : 'walk.plan.rarely');
  const often =
    timesAYear < 0.95
      ? t.value('upkeep.rare', { n: props.speech.formats.number(Math.round(1 / timesAYear)) })
      : props.speech.formats.number(Math.round(timesAYear * 10) / 10);
  return byEvent ? t.value('upkeep.plusEvents', { n: often }) : often;
}

async function save(): Promise<void> {
  const { on } = home;
  const count = readCount();
  error.value = terms.value === null && !count.ok ? faultText(t.value, count.fault) : '';
  if (busy.value || !on || terms.value === null) return;
  if (bodies.value.length === 0) {
    emit('close');
    return;
  }
  busy.value = true;
  const text = t.value('upkeep.saved', { title: props.title });
  const sent = await write(
    bodies.value.map((body) => ({ date: on, body })),
    text,
  );
  busy.value = false;
  emit('written', sent, text);
}
</script>

<template>
  <form class="form panel" novalidate data-test="change" @submit.prevent="save">
    <SchoolTable v-if="rows.length > 0" v-model="chosen.school" :rows="rows" :speech="speech" />
    <p v-if="failed" class="notice wrong" role="alert">{{ failed }}</p>
    <fieldset>
      <legend class="unseen">{{ t('upkeep.ownInterval') }}</legend>
      <label v-if="rows.length > 0" class="own"
        ><RadioButton v-model="chosen.school" name="school" :value="OWN" />{{
          t('upkeep.ownInterval')
        }}</label
      >
      <div
        v-if="chosen.school === OWN && (start.school !== null || startRule.kind === 'interval')"
        class="pair"
      >
        <TextField
          v-model="chosen.count"
          :label="t('upkeep.every')"
          :error="error"
          inputmode="numeric"
          maxlength="5"
        />
        <ChoiceField
          v-model="chosen.unit"
          :label="t('add.unitName.' + chosen.unit)"
          :options="UNITS.map((unit) => ({ value: unit, label: t(`add.unitName.${unit}`) }))"
        />
      </div>
    </fieldset>
    <div class="pair">
      <ChoiceField
        v-model="chosen.doer"
        :label="t('upkeep.doer')"
        :options="DOERS.map((doer) => ({ value: doer, label: t(`doer.${doer}`) }))"
      />
    </div>
    <fieldset v-if="rule && takesFactors(rule) && factors.length > 0">
      <legend>{{ t('upkeep.factors') }}</legend>
      <div class="choices">
        <label v-for="factor in factors" :key="factor.code"
          ><Checkbox v-model="chosen.factors" :value="factor.code" />{{ factorName(speech, factor.code) }}
          <span class="soft small">{{
            allowsFor?.includes(factor.code)
              ? t('upkeep.allowedFor')
              : t('upkeep.factorValue', { n: factor.value })
          }}</span></label
        >
      </div>
    </fieldset>
    <MovesList :trial="trial" :speech="speech" :name-of="nameOf" />
    <FormFoot error="" :send="t('upkeep.save')" :busy="busy">
      <Button text @click="emit('close')">{{ t('shell.cancel') }}</Button>
    </FormFoot>
  </form>
</template>

<style scoped>
.panel {
  margin: calc(var(--line) / 2) 0;
}

.own {
  display: block;
}
</style>
