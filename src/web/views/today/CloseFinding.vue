<script setup lang="ts">
import Button from 'primevue/button';
import { makeBody } from '../../../core/ledger/write/makeBody.ts';
import { computed, reactive } from 'vue';
import FormFoot from '../../kit/FormFoot.vue';
import KitDialog from '../../kit/KitDialog.vue';
import TextField from '../../kit/TextField.vue';
import type { OpenFindingBody } from '../../../contract/schemas.ts';
import { findingText } from '../../../locales/findingText.ts';
import { currencyDigits } from '../../../locales/format.ts';
import { useForm } from '../../composables/useForm.ts';
import { useSpeech } from '../../composables/useSpeech.ts';
import { useWriting, type Sent } from '../../composables/useWriting.ts';
import { useHome } from '../../stores/home.ts';
import { readAmounts, readDayDone } from '../../parts/typed/done.ts';

/** Closes a finding: on which day it was put right, how, how long it took and what it cost. */
const props = defineProps<{ finding: OpenFindingBody }>();
const emit = defineEmits<{ close: []; written: [sent: Sent, text: string] }>();

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
  submit(async () => {
    const date = readDayDone(speech.value, typed.date, today.value);
    if (typeof date === 'object') return show(date.text, date.field);
    const amounts = readAmounts(speech.value, typed, currencyDigits(currency.value));
    if ('field' in amounts) return show(amounts.text, amounts.field);
    const { minutes, cost } = amounts;
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
    if (sent.outcome.kind === 'refused') refuse(sent.outcome.error);
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
