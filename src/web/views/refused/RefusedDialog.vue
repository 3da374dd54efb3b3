<script setup lang="ts">
import Button from 'primevue/button';
import { reactive } from 'vue';
import { useI18n } from 'vue-i18n';
import FormFoot from '../../kit/FormFoot.vue';
import KitDialog from '../../kit/KitDialog.vue';
import TextField from '../../kit/TextField.vue';
import { useForm } from '../../composables/useForm.ts';
import { useOutbox } from '../../stores/outbox.ts';
import { useErrorText } from '../../composables/useErrorText.ts';
import { draftsOf, putRight, TYPED_FIELDS } from './refusedEntries.ts';

/** A write that was refused after its page was left: what was typed is put right here and sent again. */
const props = defineProps<{ parcelId: string }>();
const emit = defineEmits<{ close: [] }>();

const { t } = useI18n({ useScope: 'global' });
const outbox = useOutbox();
const { tellBody } = useErrorText();
const { errorAt, show, submit, busy } = useForm();

const parcel = outbox.refused.find(({ id }) => id === props.parcelId);
const drafts = reactive(draftsOf(parcel?.body));

const send = () =>
  submit(async () => {
    if (!parcel?.refused) return;
    const right = putRight(parcel.body, drafts, parcel.refused.code);
    if ('wrong' in right) return show(t('problem.civil-date'), `date${right.wrong}`);
    await outbox.retry(parcel.id, right.body);
    emit('close');
  });
</script>

<template>
  <KitDialog open :title="t('shell.editTitle')" :close-label="t('shell.close')" @update:open="emit('close')">
    <form class="form" novalidate @submit.prevent="send">
      <p>{{ parcel?.label }}</p>
      <p v-if="parcel?.refused" class="notice wrong">{{ tellBody(parcel.refused).text }}</p>
      <template v-for="(draft, place) in drafts" :key="place">
        <TextField
          v-model="draft.date"
          :label="t('shell.editDate')"
          :error="errorAt(`date${place}`)"
          type="date"
        />
        <template v-for="field in TYPED_FIELDS" :key="field">
          <TextField
            v-if="draft.typed[field] !== undefined"
            v-model="draft.typed[field]"
            :label="t(`shell.editField.${field}`)"
            lines="several"
          />
        </template>
      </template>
      <FormFoot :error="errorAt('')" :send="t('shell.send')" :busy="busy"
        ><Button text @click="emit('close')">{{ t('shell.cancel') }}</Button></FormFoot
      >
    </form>
  </KitDialog>
</template>
