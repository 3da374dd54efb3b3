<script setup lang="ts">
import Button from 'primevue/button';
import { computed, reactive, ref } from 'vue';
import { useI18n } from 'vue-i18n';
import { roleSchema, type Role } from '../../../contract/access.ts';
import type { Response } from '../../../contract/routes.ts';
import TextField from '../../kit/TextField.vue';
import ChoiceField from '../../kit/ChoiceField.vue';
import { ask } from '../../device/ask.ts';
import { useForm } from '../../composables/useForm.ts';
import { useLoading } from '../../composables/useLoading.ts';
import { useOutbox } from '../../stores/outbox.ts';

/** Who may see a home and what they may do; an owner lets others in. */
const props = defineProps<{ homeId: string; homeName: string; isOwner: boolean }>();

const { t } = useI18n({ useScope: 'global' });
const outbox = useOutbox();
const { busy, errorAt, refuse, submit } = useForm();
const members = ref<Response<'members'>>([]);
const typed = reactive<{ email: string; role: Role }>({ email: '', role: 'editor' });
const said = ref('');
const ROLES = roleSchema.options;
const FIELDS = ['email', 'role'];

const { state, load } = useLoading(async () => {
  members.value = await ask('members', { params: { homeId: props.homeId } });
});
const failed = computed(() => (state.value.kind === 'failed' ? state.value.text : ''));

const save = () =>
  submit(FIELDS, async () => {
    const { email, role } = typed;
    const outcome = await outbox.send({
      route: 'setMember',
      homeId: props.homeId,
      body: { email, role },
      label: email,
    });
    if (outcome.kind === 'refused') return refuse(outcome.error, FIELDS);
    if (outcome.kind === 'waiting') return;
    said.value = t('house.saved', { email, role: t(`house.roleMay.${role}`) });
    typed.email = '';
    await load();
  });
</script>

<template>
  <section :aria-label="t('house.people', { home: homeName })">
    <h2>{{ t('house.people', { home: homeName }) }}</h2>
    <p v-if="failed" class="notice wrong" role="alert">{{ failed }}</p>
    <ul class="ruled">
      <li v-for="member in members" :key="member.personId" class="row">
        <span>{{ member.name }}</span>
        <span class="soft">{{ t(`house.roleMay.${member.role}`) }}</span>
      </li>
    </ul>
    <form v-if="isOwner" class="form no-print" novalidate @submit.prevent="save">
      <h3>{{ t('house.invite') }}</h3>
      <div class="pair">
        <TextField
          v-model="typed.email"
          :label="t('signIn.email')"
          :hint="t('house.inviteHint')"
          :error="errorAt('email')"
          type="email"
          autocomplete="off"
        />
        <ChoiceField
          v-model="typed.role"
          :label="t('house.memberRole')"
          :error="errorAt('role')"
          :options="ROLES.map((role) => ({ value: role, label: t(`house.roleMay.${role}`) }))"
        />
      </div>
      <p v-if="errorAt('')" class="notice wrong" role="alert">{{ errorAt('') }}</p>
      <p v-if="said" class="notice" role="status">{{ said }}</p>
      <p class="actions">
        <Button type="submit" :disabled="busy">{{ t('house.save') }}</Button>
      </p>
    </form>
  </section>
</template>

<style scoped>
form {
  margin-top: var(--line);
  max-width: 38rem;
}
</style>
