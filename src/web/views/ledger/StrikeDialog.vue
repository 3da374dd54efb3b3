<script setup lang="ts">
import { makeBody } from '../../../core/ledger/write/makeBody.ts';
import { computed, ref } from 'vue';
import type { LedgerLine } from '../../../contract/schemas.ts';
import WhyDialog from '../../kit/WhyDialog.vue';
import { useForm } from '../../composables/useForm.ts';
import { useSpeech } from '../../composables/useSpeech.ts';
import { useWriting } from '../../composables/useWriting.ts';
import { useHome } from '../../stores/home.ts';
import type { Outcome } from '../../stores/outbox.ts';
import { describeBody } from '../../parts/entry/describe.ts';

/** Strikes an entry out by writing another; it stays readable and can be brought back. */
const props = defineProps<{ line: LedgerLine }>();
const emit = defineEmits<{ close: []; written: [outcome: Outcome<'append'>, text: string] }>();

const home = useHome();
const speech = useSpeech();
const { write } = useWriting();
const { errorAt, refuse, submit, busy } = useForm();
const t = computed(() => speech.value.t);
const about = computed(() =>
  home.house ? describeBody(props.line.body, home.house, speech.value).about : '',
);
const why = ref('');

const save = () =>
  submit(async () => {
    const reason = why.value.trim();
    const { outcome } = await write(
      [
        {
          date: home.on ?? props.line.date,
          body: makeBody('voids', { target: props.line.entry.id, ...(reason !== '' && { why: reason }) }),
          saw: props.line.corrections.at(-1)?.id ?? '',
        },
      ],
      t.value('ledger.strikeTitle'),
    );
    if (outcome.kind === 'refused') refuse(outcome.error);
    else emit('written', outcome, t.value('ledger.strikeDone'));
  });
</script>

<template>
  <WhyDialog
    v-model:why="why"
    :title="t('ledger.strikeTitle')"
    :lead="[about, t('ledger.strikeLead')]"
    :label="t('ledger.whyOptional')"
    :send="t('ledger.saveStrike')"
    :words="{ close: t('shell.close'), cancel: t('shell.cancel') }"
    :busy="busy"
    :error-at="errorAt"
    @save="save"
    @close="emit('close')"
  />
</template>
