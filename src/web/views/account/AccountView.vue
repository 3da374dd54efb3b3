<script setup lang="ts">
import { useI18n } from 'vue-i18n';
import { useSession } from '../../stores/session.ts';
import AccountData from './AccountData.vue';
import BrowserList from './BrowserList.vue';
import PasswordForm from './PasswordForm.vue';

/** One's own account: the password, where one is signed in, what is stored of it, and its end. */
const { t } = useI18n({ useScope: 'global' });
const session = useSession();
</script>

<template>
  <div class="sheet">
    <header>
      <h1>{{ t('account.title') }}</h1>
      <p v-if="session.me" class="soft">
        {{ t('account.lead', { name: session.me.name, email: session.me.email }) }}
      </p>
    </header>
    <div v-if="session.me" class="column account">
      <PasswordForm :about="[session.me.name, session.me.email]" />
      <BrowserList />
      <AccountData />
    </div>
  </div>
</template>

<style>
.account section {
  margin-bottom: calc(var(--line) * 2);
}
</style>
