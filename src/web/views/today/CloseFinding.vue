<script setup lang="ts">
import Button from 'primevue/button';
import { makeBody } from '../../../core/ledger/write/makeBody.ts';
import { computed, reactive } from 'vue';
import FormFoot from '../../kit/FormFoot.vue';
import KitDialog from '../../kit/KitDialog.vue';
import TextField from '../../kit/TextField.vue';
import type { OpenFindingBody } from '../../../contract/schemas.ts';
import { isCivilDate } from '../../../core/calendar/civilDate.ts';
import { findingText } from '../../../locales/findingText.ts';
import { currencyDigits } from '../../../locales/format.ts';
import { dateText } from '../../../locales/speech.ts';
import { useForm } from '../../composables/useForm.ts';
import { useSpeech } from '../../composables/useSpeech.ts';
import { useWriting, type Sent } from '../../composables/useWriting.ts';
import { useHome } from '../../stores/home.ts';
import { isFault, readCost, readWhole } from '../../parts/typed/fields.ts';

/** Closes a finding: on which day it was put right, how, how long it took and what it cost. */
const props = defineProps<{ finding: OpenFindingBody }>();
const emit = defineEmits<{ close: []; written: [sent: Sent, text: string] }>();

const FIELDS = ['date', 'minutes', 'cost', 'note'];
const home = useHome();
const speech = useSpeech();
const { write } = useWriting();
const { errorAt, show, refuse, submit, busy } = useForm();
const t = computed(() => speech.value.t);
const today = computed(() => home.on ?? speech.value.today);
const currency = computed(() => home.house?.home.currency ?? 'USD');
const what = computed(() => findingText(speech.value, props.finding.what));
const typed = reactive({ date: today.value as string, minutes: '', cost: '', note: '' });

const save = () =>
  submit(FIELDS, async () => {
    const { date } = typed;
    if (!isCivilDate(date)) return show(t.value('problem.civil-date'), 'date', FIELDS);
    if (date > today.value)
      return show(
        t.value('error.date-in-future', { today: dateText(speech.value, today.value) }),
        'date',
        FIELDS,
      );
    const minutes = readWhole(typed.minutes);
    const cost = readCost(typed.cost, currencyDigits(currency.value));
    if (isFault(minutes))
      return show(t.value(`problem.${minutes.problem}`, { ...minutes }), 'minutes', FIELDS);
    if (isFault(cost)) return show(t.value(`problem.${cost.problem}`, { ...cost }), 'cost', FIELDS);
    const text = t.value('findings.closed', { what: what.value });
    const sent = await write(
      [
        {
          date,
          body: makeBody('findingClosed', {
            finding: props.finding.entryId,
            what: props.finding.what,
            ...(minutes !== null && { minutes }),
            ...(cost !== null && { cost }),
            ...(typed.note.trim() !== '' && { note: typed.note.trim() }),
          }),
        },
      ],
      text,
    );
    if (sent.outcome.kind === 'refused') refuse(sent.outcome.error, FIELDS);
    else emit('written', sent, text);
  });
</script>

<template>
  <KitDialog
    open
    :title="t('findings.closeTitle', { what })"
    :close-label="t('shell.close')"
    @update:open="emit('close')"
  >
    <form class="form" novalidate @submit.prevent="save">
      <TextField v-model="typed.note" :label="t('findings.how')" :error="errorAt('note')" lines="several" />
      <div class="pair">
        <TextField
          v-model="typed.date"
          :label="t('log.date')"
          :error="errorAt('date')"
          type="date"
          :max="today"
        />
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
      <FormFoot :error="errorAt('')" :send="t('findings.closeSave')" :busy="busy">
        <Button text @click="emit('close')">{{ t('shell.cancel') }}</Button>
      </FormFoot>
    </form>
  </KitDialog>
</template>
