<script setup lang="ts">
import { computed, reactive, ref } from 'vue';
import ChoiceField from '../../components/ChoiceField.vue';
import FormFoot from '../../components/FormFoot.vue';
import TextField from '../../components/TextField.vue';
import type { HouseBody } from '../../../contract/schemas.ts';
import { isCivilDate, type CivilDate } from '../../../core/calendar/civilDate.ts';
import type { ItemState, RunItem } from '../../../core/runs/runState.ts';
import type { Practice } from '../../../core/catalogue/practice.ts';
import { nameIn, type Speech } from '../../../locales/speech.ts';
import { readWhole } from '../fields.ts';
import { USUAL_DAYS } from '../note/draft.ts';

/** What else one piece of work says: its day, who, minutes, supplies, a note; what was found; or why it was not done. */
const props = defineProps<{
  item: RunItem;
  state: ItemState;
  practice: Practice | undefined;
  house: HouseBody;
  speech: Speech;
  today: CivilDate;
  ways: readonly { code: string; title: string }[];
}>();
const emit = defineEmits<{
  change: [change: Partial<ItemState>];
  settle: [status: 'skipped' | 'impossible', why: string];
  instead: [code: string];
}>();

const t = computed(() => props.speech.t);
const open = ref<'details' | 'found' | 'impossible' | 'skipped' | null>(null);
const error = ref('');
const typed = reactive({
  date: props.state.date ?? props.today,
  who: props.state.who ?? '',
  minutes: props.state.minutes === null ? '' : String(props.state.minutes),
  note: props.state.note,
  why: '',
  what: '',
  verdict: 'act' as 'watch' | 'act' | 'stop',
  used: Object.fromEntries(
    (props.practice?.supplies ?? []).map(({ supply }) => [supply, String(props.state.used[supply] ?? '')]),
  ),
});
const said = ref('');

function show(what: typeof open.value): void {
  open.value = open.value === what ? null : what;
  error.value = '';
}

function saveDetails(): void {
  const minutes = readWhole(typed.minutes);
  if (!isCivilDate(typed.date) || typed.date > props.today) {
    error.value = t.value('problem.civil-date');
    return;
  }
  if (minutes === 'wrong') {
    error.value = t.value('problem.too-small', { minimum: 0 });
    return;
  }
  const used = Object.entries(typed.used).filter(([, text]) => text.trim() !== '');
  if (used.some(([, text]) => !(Number(text) >= 0))) {
    error.value = t.value('problem.number');
    return;
  }
  emit('change', {
    date: typed.date,
    who: typed.who === '' ? null : typed.who,
    minutes,
    note: typed.note.trim(),
    used: Object.fromEntries(used.map(([supply, text]) => [supply, Number(text)])),
  });
  open.value = null;
}

function saveFound(): void {
  const asset = props.item.assets[0];
  if (typed.what.trim() === '' || asset === undefined) {
    error.value = t.value('problem.missing');
    return;
  }
  const finding = {
    asset,
    what: typed.what.trim(),
    verdict: typed.verdict,
    days: USUAL_DAYS[typed.verdict],
    date: props.today,
  };
  emit('change', { findings: [...props.state.findings, finding] });
  said.value = t.value('run.foundNoted', { what: finding.what });
  typed.what = '';
  open.value = null;
}

function saveWhy(): void {
  if (typed.why.trim() === '') {
    error.value = t.value('problem.missing');
    return;
  }
  if (open.value === 'skipped' || open.value === 'impossible') emit('settle', open.value, typed.why.trim());
}
</script>

<template>
  <div class="besides">
    <p class="ways">
      <button type="button" data-act="impossible" @click="show('impossible')">
        {{ t('run.impossible') }}
      </button>
      <button type="button" data-act="skip" @click="show('skipped')">{{ t('run.skip') }}</button>
      <button type="button" data-act="found" @click="show('found')">{{ t('run.found') }}</button>
      <button type="button" data-act="details" @click="show('details')">{{ t('run.details') }}</button>
    </p>
    <p v-if="said" class="small" role="status">{{ said }}</p>
    <form v-if="open === 'details'" class="form" novalidate @submit.prevent="saveDetails">
      <div class="pair">
        <TextField v-model="typed.date" :label="t('log.date')" type="date" :max="today" />
        <ChoiceField v-model="typed.who" :label="t('log.who')">
          <option value="">{{ t('log.whoNone') }}</option>
          <option v-for="person in house.people" :key="person.id" :value="person.id">
            {{ person.name }}
          </option>
        </ChoiceField>
        <TextField v-model="typed.minutes" :label="t('log.minutes')" inputmode="numeric" />
        <TextField
          v-for="(_, supply) in typed.used"
          :key="supply"
          v-model="typed.used[supply]!"
          :label="nameIn(speech, 'supply', String(supply))"
          inputmode="decimal"
        />
      </div>
      <TextField v-model="typed.note" :label="t('log.note')" lines="several" />
      <FormFoot :error="error" :send="t('run.whySave')" :busy="false" />
    </form>
    <form v-else-if="open === 'found'" class="form" novalidate @submit.prevent="saveFound">
      <div class="pair">
        <TextField v-model="typed.what" :label="t('note.what')" maxlength="200" />
        <ChoiceField v-model="typed.verdict" :label="t('note.verdict')">
          <option v-for="verdict in ['watch', 'act', 'stop'] as const" :key="verdict" :value="verdict">
            {{ t(`note.verdicts.${verdict}`) }}
          </option>
        </ChoiceField>
      </div>
      <FormFoot :error="error" :send="t('run.foundSave')" :busy="false" />
    </form>
    <form v-else-if="open !== null" class="form" novalidate @submit.prevent="saveWhy">
      <div v-if="open === 'impossible' && ways.length > 0">
        <p>
          <strong>{{ t('run.ways') }}</strong>
        </p>
        <p v-for="way in ways" :key="way.code">
          <button type="button" data-act="instead" @click="emit('instead', way.code)">
            {{ t('run.wayInstead') }}: {{ way.title }}
          </button>
        </p>
      </div>
      <TextField v-model="typed.why" :label="t('run.why')" maxlength="200" />
      <FormFoot :error="error" :send="t('run.whySave')" :busy="false" />
    </form>
  </div>
</template>

<style scoped>
.besides {
  margin-top: var(--line);
  padding-top: calc(var(--line) / 2);
  border-top: 1px solid var(--rule);
}

.ways {
  display: flex;
  flex-wrap: wrap;
  gap: 0 1.5rem;
}
</style>
