<script setup lang="ts">
import Checkbox from 'primevue/checkbox';
import Button from 'primevue/button';
import { makeBody } from '../../../core/ledger/write/makeBody.ts';
import { computed, reactive } from 'vue';
import TextField from '../../kit/TextField.vue';
import FormFoot from '../../kit/FormFoot.vue';
import KitDialog from '../../kit/KitDialog.vue';
import { isCivilDate, toCivilDate, toDay } from '../../../core/calendar/civilDate.ts';
import { practiceTitle } from '../../../locales/practiceText.ts';
import { dateText } from '../../../locales/speech.ts';
import { useForm } from '../../composables/useForm.ts';
import { useSpeech } from '../../composables/useSpeech.ts';
import { useWriting, type Sent, type Wanted } from '../../composables/useWriting.ts';
import { useHome } from '../../stores/home.ts';
import type { Line } from '../../parts/task/lines.ts';

/** Puts a line off to a chosen day, with a reason; where lives depend on it, past its latest day only knowingly. */
const props = defineProps<{ line: Line }>();
const emit = defineEmits<{ close: []; written: [sent: Sent, text: string] }>();

const A_WEEK = 7;
const home = useHome();
const speech = useSpeech();
const { errorAt, show, refuse, submit, busy } = useForm();
const { write } = useWriting();

const t = computed(() => speech.value.t);
const title = computed(() => practiceTitle(speech.value, props.line.practice));
const today = computed(() => home.on ?? speech.value.today);
const typed = reactive({
  to: toCivilDate(toDay(today.value) + A_WEEK) as string,
  why: '',
  acknowledged: false,
});

/** The earliest of the units' latest days that the chosen day would overrun. */
const overrun = computed(() => {
  if (!props.line.lifeSafety || !isCivilDate(typed.to)) return null;
  const latest = props.line.units.map(({ occurrence }) => occurrence.window.latest).sort()[0];
  return latest !== undefined && typed.to > latest ? latest : null;
});

/** The field that is not right as typed, and why; null when all is. */
function faultOf(): [field: string, text: string] | null {
  if (!isCivilDate(typed.to)) return ['to', t.value('problem.civil-date')];
  if (typed.to < today.value)
    return ['to', t.value('problem.date-in-past', { today: dateText(speech.value, today.value) })];
  if (typed.why.trim() === '') return ['why', t.value('problem.missing')];
  if (!overrun.value || typed.acknowledged) return null;
  return [
    'acknowledged',
    t.value('error.acknowledgement-needed', { latest: dateText(speech.value, overrun.value) }),
  ];
}

const save = () =>
  submit(async () => {
    const fault = faultOf();
    const { to, why, acknowledged } = typed;
    if (fault || !isCivilDate(to)) {
      if (fault) show(fault[1], fault[0]);
      return;
    }
    const wanted = props.line.units.map(({ duty, occurrence: { key } }): Wanted => ({
      date: today.value,
      body: makeBody('putOff', {
        duty: duty.id,
        occurrence: key,
        to,
        why: why.trim(),
        ...(acknowledged && { acknowledged }),
      }),
      saw: key,
    }));
    const text = t.value('today.putOffDone', { title: title.value, due: dateText(speech.value, to) });
    const sent = await write(wanted, text);
    if (sent.outcome.kind === 'refused') refuse(sent.outcome.error);
    else emit('written', sent, text);
  });
</script>

<template>
  <KitDialog
    open
    :title="t('putOff.title', { title })"
    :close-label="t('shell.close')"
    @update:open="emit('close')"
  >
    <form class="form" novalidate @submit.prevent="save">
      <TextField v-model="typed.to" :label="t('putOff.to')" :error="errorAt('to')" type="date" :min="today" />
      <TextField
        v-model="typed.why"
        :label="t('putOff.why')"
        :hint="t('putOff.whyHint')"
        :error="errorAt('why')"
        maxlength="200"
      />
      <div v-if="overrun" class="notice wrong">
        <p>{{ t('putOff.latest', { latest: dateText(speech, overrun) }) }}</p>
        <label><Checkbox v-model="typed.acknowledged" binary />{{ t('putOff.acknowledge') }}</label>
        <p v-if="errorAt('acknowledged')" role="alert">{{ errorAt('acknowledged') }}</p>
      </div>
      <FormFoot :error="errorAt('')" :send="t('putOff.save')" :busy="busy"
        ><Button text @click="emit('close')">{{ t('shell.cancel') }}</Button></FormFoot
      >
    </form>
  </KitDialog>
</template>
