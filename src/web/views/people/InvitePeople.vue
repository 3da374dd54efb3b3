<script setup lang="ts">
import Button from 'primevue/button';
import { v7 as uuid } from 'uuid';
import { reactive, ref } from 'vue';
import { useI18n } from 'vue-i18n';
import { roleSchema, type Role } from '../../../contract/access.ts';
import type { Invitation } from '../../../contract/members.ts';
import ChoiceField from '../../kit/ChoiceField.vue';
import FormFoot from '../../kit/FormFoot.vue';
import TextField from '../../kit/TextField.vue';
import { ask } from '../../device/ask.ts';
import { useActs } from '../../composables/useActs.ts';
import { useConfirmed } from '../../composables/useConfirmed.ts';
import { useErrorText } from '../../composables/useErrorText.ts';
import { useForm } from '../../composables/useForm.ts';
import { useLoading } from '../../composables/useLoading.ts';
import { useSaying } from '../../composables/useSaying.ts';
import { useSpeech } from '../../composables/useSpeech.ts';
import { ApiError } from '../../device/errors.ts';
import { useOutbox } from '../../stores/outbox.ts';
import LinkDialog from './LinkDialog.vue';

/** Invitations into a home: a link made for an address, those that are open, and taking one back. */
const props = defineProps<{ homeId: string }>();
const { t } = useI18n({ useScope: 'global' });
const speech = useSpeech();
const outbox = useOutbox();
const say = useSaying();
const { tell } = useErrorText();
const { actNow } = useActs();
const confirmed = useConfirmed();
const { busy, errorAt, submit } = useForm();
const ROLES = roleSchema.options;
/** The status of a refusal that the outbox has read already. */
const REFUSED = 400;
const { timeZone } = Intl.DateTimeFormat().resolvedOptions();

const typed = reactive<{ email: string; role: Role }>({ email: '', role: 'editor' });
const open = ref<Invitation[]>([]);
/** The link that was just made, and whom it is for. */
const made = ref<{ readonly link: string; readonly email: string } | null>(null);

const { load } = useLoading(async () => {
  open.value = await ask('invitations', { params: { homeId: props.homeId } });
});

/** Makes a link for an address; an earlier one for it no longer works. */
async function make(email: string, role: Role): Promise<void> {
  const outcome = await confirmed(async () => {
    const { homeId } = props;
    const sent = await outbox.send({
      route: 'invite',
      homeId,
      body: { id: uuid(), email, role },
      label: email,
    });
    if (sent.kind === 'refused') throw new ApiError(sent.error, REFUSED);
    return sent;
  });
  if (outcome === null) return;
  if (outcome.kind === 'waiting') {
    // The link comes with the server's answer: it is made anew once the connection is back.
    say({ text: t('people.waits') });
    return;
  }
  const { token } = outcome.response;
  made.value = { link: `${window.location.origin}/join#${token}`, email };
  await load();
}

const save = () =>
  submit(async () => {
    await make(typed.email, typed.role);
    if (made.value) typed.email = '';
  });
/** Makes a new link for an open invitation; what goes wrong with it is about none of the fields. */
const again = ({ email, role }: Invitation) =>
  submit(() =>
    make(email, role).catch((error: unknown) => {
      say({ text: tell(error).text, wrong: true });
    }),
  );

async function withdraw({ id, email }: Invitation): Promise<void> {
  const { homeId } = props;
  try {
    await actNow({
      route: 'withdrawInvitation',
      homeId,
      params: { invitationId: id },
      body: {},
      label: email,
    });
    say({ text: t('people.withdrawn', { email }) });
  } catch (error) {
    say({ text: tell(error).text, wrong: true });
  }
  await load();
}
</script>

<template>
  <section class="no-print" :aria-label="t('people.invite')">
    <h2>{{ t('people.invite') }}</h2>
    <form class="form" novalidate @submit.prevent="save">
      <p class="soft">{{ t('people.inviteLead') }}</p>
      <div class="pair">
        <TextField
          v-model="typed.email"
          :label="t('people.email')"
          :error="errorAt('email')"
          type="email"
          autocomplete="off"
        />
        <ChoiceField
          v-model="typed.role"
          :label="t('people.role')"
          :error="errorAt('role')"
          :options="ROLES.map((role) => ({ value: role, label: t(`people.roles.${role}`) }))"
        />
      </div>
      <FormFoot :error="errorAt('')" :send="t('people.inviteSave')" :busy="busy" />
    </form>
    <template v-if="open.length > 0">
      <h3>{{ t('people.open') }}</h3>
      <ul class="ruled">
        <li v-for="one in open" :key="one.id" class="row">
          <span>
            {{ one.email }}
            <span class="soft small"
              >{{ t(`role.${one.role}`) }},
              {{ t('people.openUntil', { on: speech.formats.instant(one.expiresAt, timeZone) }) }}</span
            >
          </span>
          <span>
            <Button text :disabled="busy" @click="again(one)">{{ t('people.again') }}</Button>
            <Button text @click="withdraw(one)">{{ t('people.withdraw') }}</Button>
          </span>
        </li>
      </ul>
    </template>
    <LinkDialog v-if="made" :link="made.link" :email="made.email" @close="made = null" />
  </section>
</template>

<style scoped>
h3 {
  margin-top: var(--line);
}
</style>
