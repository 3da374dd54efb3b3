<script setup lang="ts">
import { computed, ref } from 'vue';
import type { Duty } from '../../../core/house/house.ts';
import FormFoot from '../../components/FormFoot.vue';
import SheetDialog from '../../components/SheetDialog.vue';
import TextField from '../../components/TextField.vue';
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
  <SheetDialog
    open
    :title="t('house.giveUpTitle', { title: name })"
    :close-label="t('shell.close')"
    @update:open="emit('close')"
  >
    <form class="form" novalidate @submit.prevent="save">
      <p>{{ t('house.giveUpLead') }}</p>
      <TextField v-model="why" :label="t('house.giveUpWhy')" :error="errorAt('why')" maxlength="200" />
      <FormFoot :error="errorAt('')" :send="t('house.giveUpSave')" :busy="busy" grave>
        <button type="button" @click="emit('close')">{{ t('shell.cancel') }}</button>
      </FormFoot>
    </form>
  </SheetDialog>
</template>
