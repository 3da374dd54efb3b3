<script setup lang="ts">
import Button from 'primevue/button';
import { computed, reactive, ref } from 'vue';
import AppSign from '../../kit/AppSign.vue';
import ChoiceField from '../../kit/ChoiceField.vue';
import FormFoot from '../../kit/FormFoot.vue';
import TextField from '../../kit/TextField.vue';
import type { HouseBody } from '../../../contract/schemas.ts';
import type { CivilDate } from '../../../core/calendar/civilDate.ts';
import type { ItemState, RunItem } from '../../../core/runs/runState.ts';
import type { Practice } from '../../../core/practice/practice.ts';
import { nameIn, type Speech } from '../../../locales/speech.ts';
import { readDayDone } from '../../parts/typed/done.ts';
import { faultText, isFault, readNumber, readWhole } from '../../parts/typed/fields.ts';
import OwnWork from '../../parts/practice/OwnWork.vue';
import FoundForm from './FoundForm.vue';

/** Details of one item: its day, who, minutes, supplies, a note; what was found; or why it was not done. */
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
  used: Object.fromEntries(
    (props.practice?.supplies ?? []).map(({ supply }) => [supply, String(props.state.used[supply] ?? '')]),
  ),
});

function show(what: typeof open.value): void {
  open.value = open.value === what ? null : what;
  error.value = '';
}

function saveDetails(): void {
  const minutes = readWhole(typed.minutes);
  const date = readDayDone(props.speech, typed.date, props.today);
  if (typeof date === 'object') {
    error.value = date.text;
    return;
  }
  if (isFault(minutes)) {
    error.value = faultText(t.value, minutes);
    return;
  }
  const used = new Map<string, number>();
  for (const [supply, text] of Object.entries(typed.used).filter(([, one]) => one.trim() !== '')) {
    const read = readNumber(text, 0, 100_000);
    if (!read.ok) {
      error.value = faultText(t.value, read.fault);
      return;
    }
    used.set(supply, read.value);
  }
  emit('change', {
    date,
    who: typed.who === '' ? null : typed.who,
    minutes,
    note: typed.note.trim(),
    used: Object.fromEntries(used),
  });
  open.value = null;
}

function saveFound(finding: ItemState['findings'][number]): void {
  emit('change', { findings: [...props.state.findings, finding] });
  open.value = null;
}
const takeBack = (place: number): void => {
  emit('change', { findings: props.state.findings.filter((_, other) => other !== place) });
};

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
      <Button text data-act="impossible" @click="show('impossible')">{{ t('run.impossible') }}</Button>
      <Button text data-act="skip" @click="show('skipped')">{{ t('run.skip') }}</Button>
      <Button text data-act="found" @click="show('found')">{{ t('run.found') }}</Button>
      <Button text data-act="details" @click="show('details')">{{ t('run.details') }}</Button>
    </p>
    <ul v-if="state.findings.length > 0" class="small" role="status">
      <li v-for="(finding, place) in state.findings" :key="place" data-test="found">
        <AppSign :name="finding.verdict" />{{ ' '
        }}{{ t('run.foundNoted', { what: [finding.what, finding.place].filter(Boolean).join(', ') })
        }}{{ ' ' }}
        <Button text data-act="take-back" @click="takeBack(place)">
          {{ t('run.foundBack') }}<span class="unseen">: {{ finding.what }}</span>
        </Button>
      </li>
    </ul>
    <form v-if="open === 'details'" class="form" novalidate @submit.prevent="saveDetails">
      <div class="pair">
        <TextField v-model="typed.date" :label="t('log.date')" type="date" :max="today" />
        <ChoiceField
          v-model="typed.who"
          :label="t('log.who')"
          :options="[
            { value: '', label: t('log.whoNone') },
            ...house.people.map((person) => ({ value: person.id, label: person.name })),
          ]"
        />
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
    <FoundForm
      v-else-if="open === 'found'"
      :assets="item.assets"
      :house="house"
      :speech="speech"
      :today="today"
      @found="saveFound"
    />
    <form v-else-if="open !== null" class="form" novalidate @submit.prevent="saveWhy">
      <div v-if="open === 'impossible' && ways.length > 0">
        <p>
          <strong>{{ t('run.ways') }}</strong>
        </p>
        <p v-for="way in ways" :key="way.code">
          <Button outlined data-act="instead" @click="emit('instead', way.code)">
            {{ t('run.wayInstead') }}: {{ way.title }}
          </Button>
        </p>
      </div>
      <TextField v-model="typed.why" :label="t('run.why')" maxlength="200" />
      <FormFoot :error="error" :send="t('run.whySave')" :busy="false" />
    </form>
    <OwnWork v-if="practice?.doers.includes('self')" :practice="practice" />
  </div>
</template>

<style scoped>
.besides {
  margin-top: var(--line);
  padding-top: calc(var(--line) / 2);
  border-top: 1px solid var(--rule);
}

form {
  margin-top: calc(var(--line) / 2);
}

.ways {
  display: flex;
  flex-wrap: wrap;
  gap: 0 1.5rem;
}
</style>
