<script setup lang="ts">
import { computed, ref } from 'vue';
import type { Duty } from '../../../core/house/house.ts';
import WhyDialog from '../../components/WhyDialog.vue';
import { useForm } from '../../composables/useForm.ts';
import { useSpeech } from '../../composables/useSpeech.ts';
import { useWriting } from '../../composables/useWriting.ts';
import { useHome } from '../../stores/home.ts';

/** Ends a duty, after saying what that means. */
const props = defineProps<{ duty: Duty; name: string }>();
const emit = defineEmits<{ close: [] }>();

const home = useHome();
const speech = useSpeech();
const { write } = useWriting();
const { errorAt, refuse, submit, busy } = useForm();
const t = computed(() => speech.value.t);
const why = ref('');

const save = () =>
  submit(['why'], async () => {
    const reason = why.value.trim();
    const body = { kind: 'retired' as const, duty: props.duty.id, ...(reason !== '' && { why: reason }) };
    const { outcome } = await write(
      [
        {
          date: speech.value.today,
          body,
          saw: home.rows.find(({ dutyId }) => dutyId === props.duty.id)?.occurrence?.key,
        },
      ],
      t.value('house.giveUpTitle', { title: props.name }),
    );
    if (outcome.kind === 'refused') refuse(outcome.error, ['why']);
    else emit('close');
  });
</script>

<template>
  <WhyDialog
    v-model:why="why"
    :title="t('house.giveUpTitle', { title: name })"
    :lead="[t('house.giveUpLead')]"
    :label="t('ledger.whyOptional')"
    :send="t('house.giveUpSave')"
    :words="{ close: t('shell.close'), cancel: t('shell.cancel') }"
    :busy="busy"
    :error-at="errorAt"
    @save="save"
    @close="emit('close')"
  />
</template>
