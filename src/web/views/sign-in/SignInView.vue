<script setup lang="ts">
import Button from 'primevue/button';
import { computed, reactive, ref } from 'vue';
import { useI18n } from 'vue-i18n';
import { useRoute, useRouter } from 'vue-router';
import { ask } from '../../device/ask.ts';
import PasswordField from '../../kit/PasswordField.vue';
import TextField from '../../kit/TextField.vue';
import FormFoot from '../../kit/FormFoot.vue';
import NewPasswordField from '../../parts/account/NewPasswordField.vue';
import { useForm } from '../../composables/useForm.ts';
import { useLoading } from '../../composables/useLoading.ts';
import { useSession } from '../../stores/session.ts';

const { t } = useI18n({ useScope: 'global' });
const route = useRoute();
const router = useRouter();
const session = useSession();
const { busy, errorAt, submit, clear } = useForm();

const isNew = ref(false);
const typed = reactive({ name: '', email: '', password: '' });
const demo = ref<{ email: string; password: string } | null>(null);
const title = computed(() => (isNew.value ? t('signIn.newTitle') : t('signIn.title')));

useLoading(async () => {
  demo.value = (await ask('installation')).demo;
});

async function goOn(): Promise<void> {
  const { next } = route.query;
  // Only addresses of this application: a link from outside must not send people elsewhere.
  await router.push(
    typeof next === 'string' && /^\/(?!\/)/.test(next) ? `${next}${route.hash}` : { name: 'homes' },
  );
}

const enter = () =>
  submit(async () => {
    const { name, email, password } = typed;
    await (isNew.value ? session.signUp({ name, email, password }) : session.signIn({ email, password }));
    await goOn();
  });

const enterDemo = () =>
  submit(async () => {
    if (!demo.value) return;
    await session.signIn(demo.value);
    await goOn();
  });

function turn(): void {
  isNew.value = !isNew.value;
  clear();
}
</script>

<template>
  <div class="sheet">
    <header>
      <p class="product">{{ t('product') }}</p>
      <h1>{{ title }}</h1>
      <p class="soft">{{ t('signIn.lead') }}</p>
    </header>
    <div class="column body">
      <div v-if="demo" class="notice demo">
        <Button outlined :disabled="busy" @click="enterDemo">{{ t('signIn.demo') }}</Button>
        <p class="soft small">{{ t('signIn.demoHint') }}</p>
      </div>
      <form class="form" novalidate @submit.prevent="enter">
        <TextField
          v-if="isNew"
          v-model="typed.name"
          :label="t('signIn.name')"
          :error="errorAt('name')"
          autocomplete="name"
        />
        <TextField
          v-model="typed.email"
          :label="t('signIn.email')"
          :error="errorAt('email')"
          type="email"
          autocomplete="username"
        />
        <NewPasswordField
          v-if="isNew"
          v-model="typed.password"
          :label="t('signIn.password')"
          :error="errorAt('password')"
          :about="[typed.name, typed.email]"
        />
        <PasswordField
          v-else
          v-model="typed.password"
          :label="t('signIn.password')"
          :error="errorAt('password')"
          autocomplete="current-password"
        />
        <FormFoot :error="errorAt('')" :send="isNew ? t('signIn.make') : t('signIn.enter')" :busy="busy"
          ><Button text @click="turn">
            {{ isNew ? t('signIn.toOld') : t('signIn.toNew') }}
          </Button></FormFoot
        >
      </form>
    </div>
  </div>
</template>

<style scoped>
.product {
  font-weight: 600;
  color: var(--brine);
}

.body {
  max-width: 30rem;
}

.demo {
  margin-bottom: calc(var(--line) * 1.5);
}
</style>
