<script setup lang="ts">
import Button from 'primevue/button';
import { ref } from 'vue';
import { useI18n } from 'vue-i18n';
import { useRouter } from 'vue-router';
import FormFoot from '../../kit/FormFoot.vue';
import KitDialog from '../../kit/KitDialog.vue';
import TextField from '../../kit/TextField.vue';
import { useActs } from '../../composables/useActs.ts';
import { useConfirmed } from '../../composables/useConfirmed.ts';
import { useForm } from '../../composables/useForm.ts';
import { useHome } from '../../stores/home.ts';
import { useSession } from '../../stores/session.ts';

/** Erases a home for good. It is never kept waiting: it happens now, or not at all. */
const props = defineProps<{ homeId: string; homeName: string }>();

const { t } = useI18n({ useScope: 'global' });
const router = useRouter();
const home = useHome();
const session = useSession();
const { busy, errorAt, submit } = useForm();
const { actNow } = useActs();
const confirmed = useConfirmed();
const open = ref(false);
const name = ref('');

const erase = () =>
  submit(async () => {
    const erased = await confirmed(() =>
      actNow({
        route: 'eraseHome',
        homeId: props.homeId,
        body: { name: name.value },
        label: props.homeName,
      }),
    );
    if (erased === null) return;
    home.forget();
    await session.loadHomes();
    await router.push({ name: 'homes' });
  });
</script>

<template>
  <section class="no-print" :aria-label="t('house.erase')">
    <h2>{{ t('house.erase') }}</h2>
    <p>{{ t('house.eraseLead') }}</p>
    <Button text @click="open = true">{{ t('house.eraseOpen') }}</Button>
    <KitDialog v-if="open" v-model:open="open" :title="t('house.erase')" :close-label="t('shell.close')">
      <form class="form" novalidate @submit.prevent="erase">
        <p>{{ t('house.eraseSure', { home: homeName }) }}</p>
        <TextField
          v-model="name"
          :label="t('house.eraseName')"
          :hint="homeName"
          :error="errorAt('name')"
          autocomplete="off"
        />
        <FormFoot :error="errorAt('')" :send="t('house.eraseSave')" :busy="busy" grave>
          <Button text @click="open = false">{{ t('shell.cancel') }}</Button>
        </FormFoot>
      </form>
    </KitDialog>
  </section>
</template>
