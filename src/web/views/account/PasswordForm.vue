<script setup lang="ts">
import { reactive } from 'vue';
import { useI18n } from 'vue-i18n';
import FormFoot from '../../kit/FormFoot.vue';
import PasswordField from '../../kit/PasswordField.vue';
import NewPasswordField from '../../parts/account/NewPasswordField.vue';
import { useForm } from '../../composables/useForm.ts';
import { useSaying } from '../../composables/useSaying.ts';
import { changePassword } from '../../stores/account.ts';

/** Changes the password. `about`: words that others know of its owner. */
defineProps<{ about: readonly string[] }>();
const { t } = useI18n({ useScope: 'global' });
const say = useSaying();
const { busy, errorAt, submit } = useForm();
const typed = reactive({ password: '', newPassword: '' });

const change = () =>
  submit(async () => {
    await changePassword({ ...typed });
    typed.password = '';
    typed.newPassword = '';
    say({ text: t('account.passwordSaved') });
  });
</script>

<template>
  <section :aria-label="t('account.password')">
    <h2>{{ t('account.password') }}</h2>
    <form class="form" novalidate @submit.prevent="change">
      <PasswordField
        v-model="typed.password"
        :label="t('account.passwordNow')"
        :error="errorAt('password')"
        autocomplete="current-password"
      />
      <NewPasswordField
        v-model="typed.newPassword"
        :label="t('account.passwordNew')"
        :error="errorAt('newPassword')"
        :about="about"
      />
      <FormFoot :error="errorAt('')" :send="t('account.passwordSave')" :busy="busy" />
    </form>
  </section>
</template>

<style scoped>
.form {
  max-width: 26rem;
}
</style>
