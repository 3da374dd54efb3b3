<script setup lang="ts">
import Button from 'primevue/button';
import { ref } from 'vue';
import { useI18n } from 'vue-i18n';
import { useRouter } from 'vue-router';
import { ROUTES } from '../../../contract/routes.ts';
import FormFoot from '../../kit/FormFoot.vue';
import KitDialog from '../../kit/KitDialog.vue';
import { useConfirmed } from '../../composables/useConfirmed.ts';
import { useForm } from '../../composables/useForm.ts';
import { useHome } from '../../stores/home.ts';
import { useSession } from '../../stores/session.ts';
import { deleteAccount } from '../../stores/account.ts';

/** The account as a file, and its end. */
const { t } = useI18n({ useScope: 'global' });
const router = useRouter();
const session = useSession();
const home = useHome();
const confirmed = useConfirmed();
const { busy, errorAt, submit, clear } = useForm();
const open = ref(false);

function begin(): void {
  clear();
  open.value = true;
}

const erase = () =>
  submit(async () => {
    const done = await confirmed(async () => {
      await deleteAccount();
      await session.leaveDevice();
      return true;
    });
    if (done === null) return;
    home.forget();
    await router.push({ name: 'sign-in' });
  });
</script>

<template>
  <section :aria-label="t('account.data')">
    <h2>{{ t('account.data') }}</h2>
    <p>{{ t('account.dataLead') }}</p>
    <a :href="ROUTES.exportAccount.path" download="salt-ledger-account.json">{{ t('account.download') }}</a>
  </section>
  <section :aria-label="t('account.delete')">
    <h2>{{ t('account.delete') }}</h2>
    <p>{{ t('account.deleteLead') }}</p>
    <Button text severity="danger" @click="begin">{{ t('account.deleteOpen') }}</Button>
    <KitDialog v-if="open" v-model:open="open" :title="t('account.delete')" :close-label="t('shell.close')">
      <form class="form" novalidate @submit.prevent="erase">
        <p>{{ t('account.deleteLead') }} {{ t('account.deleteSure') }}</p>
        <FormFoot :error="errorAt('')" :send="t('account.deleteSave')" :busy="busy" grave>
          <Button text @click="open = false">{{ t('shell.cancel') }}</Button>
        </FormFoot>
      </form>
    </KitDialog>
  </section>
</template>
