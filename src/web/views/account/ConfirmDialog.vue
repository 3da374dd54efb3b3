<script setup lang="ts">
import Button from 'primevue/button';
import { onMounted, ref } from 'vue';
import { useI18n } from 'vue-i18n';
import { ask } from '../../device/ask.ts';
import FormFoot from '../../kit/FormFoot.vue';
import KitDialog from '../../kit/KitDialog.vue';
import PasswordField from '../../kit/PasswordField.vue';
import { useForm } from '../../composables/useForm.ts';
import { useConfirmation } from '../../stores/confirmation.ts';
import { useSession } from '../../stores/session.ts';
import { confirmPassword } from '../../stores/account.ts';

/** Asks for the password before something that cannot be undone. */
const { t } = useI18n({ useScope: 'global' });
const confirmation = useConfirmation();
const session = useSession();
const { busy, errorAt, submit } = useForm();
const password = ref('');
/** The demo's is no secret on the machine itself. */
const demo = ref('');

onMounted(async () => {
  if (session.me?.demo) demo.value = (await ask('installation')).demo?.password ?? '';
});

const confirm = () =>
  submit(async () => {
    await confirmPassword(password.value);
    confirmation.answer(true);
  });
</script>

<template>
  <KitDialog
    open
    :title="t('confirm.title')"
    :close-label="t('shell.close')"
    @update:open="confirmation.answer(false)"
  >
    <form class="form" novalidate data-test="confirm" @submit.prevent="confirm">
      <p>{{ t('confirm.lead') }}</p>
      <p v-if="demo" class="soft small">{{ t('confirm.demo', { password: demo }) }}</p>
      <PasswordField
        v-model="password"
        :label="t('signIn.password')"
        :error="errorAt('password')"
        autocomplete="current-password"
      />
      <FormFoot :error="errorAt('')" :send="t('confirm.save')" :busy="busy">
        <Button text @click="confirmation.answer(false)">{{ t('shell.cancel') }}</Button>
      </FormFoot>
    </form>
  </KitDialog>
</template>
