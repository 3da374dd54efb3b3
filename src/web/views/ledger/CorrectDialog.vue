<script setup lang="ts">
import Button from 'primevue/button';
import { makeBody } from '../../../core/ledger/write/makeBody.ts';
import { computed, reactive } from 'vue';
import type { LedgerLine } from '../../../contract/schemas.ts';
import TextField from '../../kit/TextField.vue';
import ChoiceField from '../../kit/ChoiceField.vue';
import FormFoot from '../../kit/FormFoot.vue';
import KitDialog from '../../kit/KitDialog.vue';
import { amendableFields } from '../../../core/ledger/corrections.ts';
import type { Change } from '../../../core/ledger/entry.ts';
import { currencyDigits } from '../../../locales/format.ts';
import { useForm } from '../../composables/useForm.ts';
import { useSpeech } from '../../composables/useSpeech.ts';
import { useWriting } from '../../composables/useWriting.ts';
import { useHome } from '../../stores/home.ts';
import type { Outcome } from '../../stores/outbox.ts';
import { describeBody } from '../../parts/entry/describe.ts';
import { readAmounts, readDayDone, type WrongField } from '../../parts/typed/done.ts';
import { writeCost } from '../../parts/typed/fields.ts';

/** Corrects an entry by writing another: what was stays readable beside what is. */
const props = defineProps<{ line: LedgerLine }>();
const emit = defineEmits<{ close: []; written: [outcome: Outcome<'append'>, text: string] }>();

const home = useHome();
const speech = useSpeech();
const { write } = useWriting();
const { errorAt, show, refuse, submit, busy } = useForm();

const t = computed(() => speech.value.t);
const about = computed(() =>
  home.house ? describeBody(props.line.body, home.house, speech.value).about : '',
);
const today = computed(() => home.on ?? speech.value.today);
const currency = computed(() => home.house?.home.currency ?? 'USD');
const digits = computed(() => currencyDigits(currency.value));
const fields = computed(() => amendableFields(props.line.body.kind));

const stands = props.line.body as Partial<Record<keyof Change, string | number>>;
const asTyped = (field: 'who' | 'minutes' | 'note' | 'why' | 'text'): string => String(stands[field] ?? '');
const before = {
  date: props.line.date as string,
  who: asTyped('who'),
  minutes: asTyped('minutes'),
  cost: typeof stands.cost === 'number' ? writeCost(stands.cost, digits.value) : '',
  note: asTyped('note'),
  why: asTyped('why'),
  text: asTyped('text'),
};
const typed = reactive({ ...before, reason: '' });

/** The changes, as data; null when a field is wrong, which is then said. */
function readChange(): Change | null {
  const change: Change = {};
  const isChanged = (field: keyof typeof before): boolean => typed[field] !== before[field];
  if (isChanged('date')) {
    const date = readDayDone(speech.value, typed.date, today.value);
    if (typeof date === 'object') return refuseField(date);
    change.date = date;
  }
  // An unchanged value is not read again: only a typed one can be wrong.
  const typedNow = (field: 'minutes' | 'cost'): string => (isChanged(field) ? typed[field] : '');
  const amounts = { minutes: typedNow('minutes'), cost: typedNow('cost') };
  const read = readAmounts(speech.value, amounts, digits.value);
  if ('field' in read) return refuseField(read);
  for (const field of ['minutes', 'cost'] as const) if (isChanged(field)) change[field] = read[field];
  for (const field of ['who', 'note'] as const)
    if (isChanged(field)) change[field] = typed[field].trim() || null;
  for (const field of ['why', 'text'] as const) if (isChanged(field)) change[field] = typed[field].trim();
  if (Object.keys(change).length > 0) return change;
  return refuseField({ field: '', text: t.value('problem.nothing-changed') });
}

function refuseField({ field, text }: WrongField): null {
  show(text, field);
  return null;
}

const save = () =>
  submit(async () => {
    const change = readChange();
    if (!change) return;
    const why = typed.reason.trim();
    const { outcome } = await write(
      [
        {
          date: today.value,
          body: makeBody('amends', { target: props.line.entry.id, change, ...(why !== '' && { why }) }),
          saw: props.line.corrections.at(-1)?.id ?? '',
        },
      ],
      t.value('ledger.correctTitle'),
    );
    if (outcome.kind === 'refused') refuse(outcome.error);
    else emit('written', outcome, t.value('ledger.corrected'));
  });
</script>

<template>
  <KitDialog
    open
    :title="t('ledger.correctTitle')"
    :close-label="t('shell.close')"
    @update:open="emit('close')"
  >
    <form class="form" novalidate @submit.prevent="save">
      <p>{{ about }}</p>
      <div class="pair">
        <TextField
          v-model="typed.date"
          :label="t('ledger.field.date')"
          :error="errorAt('date')"
          type="date"
          :max="today"
        />
        <ChoiceField
          v-if="fields.includes('who')"
          v-model="typed.who"
          :label="t('ledger.field.who')"
          :error="errorAt('who')"
          :options="[
            { value: '', label: t('log.whoNone') },
            ...(home.house?.people ?? []).map((person) => ({ value: person.id, label: person.name })),
          ]"
        />
        <TextField
          v-if="fields.includes('minutes')"
          v-model="typed.minutes"
          :label="t('ledger.field.minutes')"
          :error="errorAt('minutes')"
          inputmode="numeric"
        />
        <TextField
          v-if="fields.includes('cost')"
          v-model="typed.cost"
          :label="t('log.cost', { currency })"
          :error="errorAt('cost')"
          inputmode="decimal"
        />
      </div>
      <template v-for="field in ['note', 'why', 'text'] as const" :key="field">
        <TextField
          v-if="fields.includes(field)"
          v-model="typed[field]"
          :label="t(`ledger.field.${field}`)"
          :error="errorAt(field)"
          lines="several"
        />
      </template>
      <TextField
        v-model="typed.reason"
        :label="t('ledger.whyOptional')"
        :error="errorAt('reason')"
        maxlength="200"
      />
      <FormFoot :error="errorAt('')" :send="t('ledger.save')" :busy="busy"
        ><Button text @click="emit('close')">{{ t('shell.cancel') }}</Button></FormFoot
      >
    </form>
  </KitDialog>
</template>
