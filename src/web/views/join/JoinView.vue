<script setup lang="ts">
import Button from 'primevue/button';
import { computed, ref, watch } from 'vue';
import { useI18n } from 'vue-i18n';
import { useRoute, useRouter } from 'vue-router';
import type { Offer } from '../../../contract/members.ts';
import PageState from '../../kit/PageState.vue';
import { useForm } from '../../composables/useForm.ts';
import { useLoading } from '../../composables/useLoading.ts';
import { useSaying } from '../../composables/useSaying.ts';
import { useSpeech } from '../../composables/useSpeech.ts';
import { useSession } from '../../stores/session.ts';
import { acceptInvitation, readInvitation } from '../../stores/account.ts';

/** Where the link of an invitation leads: into what home, by whom, as what. Nobody is in before they accept. */
const { t } = useI18n({ useScope: 'global' });
const route = useRoute();
const router = useRouter();
const session = useSession();
const speech = useSpeech();
const say = useSaying();
const { busy, errorAt, submit } = useForm();
const token = computed(() => route.hash.slice(1));
const offer = ref<Offer | null>(null);
const { timeZone } = Intl.DateTimeFormat().resolvedOptions();

const { state, load } = useLoading(async () => {
  offer.value = token.value === '' ? null : await readInvitation(token.value);
});

watch(token, () => void load());

const accept = () =>
  submit(async () => {
    const { homeId } = await acceptInvitation(token.value);
    await session.loadHomes();
    await router.push({ name: 'today', params: { homeId } });
    if (offer.value) say({ text: t('join.joined', { home: offer.value.homeName }) });
  });
</script>

<template>
  <div class="sheet">
    <header>
      <h1>{{ t('join.title') }}</h1>
    </header>
    <div class="column">
      <p v-if="token === ''" class="notice wrong" role="alert">{{ t('join.noToken') }}</p>
      <PageState
        v-else-if="state.kind !== 'ready'"
        :state="state"
        :loading="t('shell.loading')"
        :again="t('shell.tryAgain')"
        @again="load"
      />
      <form v-else-if="offer" class="form" novalidate @submit.prevent="accept">
        <p class="offer">
          {{ t('join.offer', { by: offer.byName, home: offer.homeName, role: t(`role.${offer.role}`) }) }}
        </p>
        <p v-if="!offer.mine" class="notice wrong" role="alert">
          {{ t('join.other', { email: session.me?.email ?? '' }) }}
        </p>
        <p v-else class="soft">
          {{ t(`people.roles.${offer.role}`) }}.
          {{ t('join.until', { on: speech.formats.instant(offer.expiresAt, timeZone) }) }}
        </p>
        <p v-if="errorAt('')" class="notice wrong" role="alert">{{ errorAt('') }}</p>
        <p class="actions">
          <Button v-if="offer.mine" type="submit" :disabled="busy">{{ t('join.accept') }}</Button>
          <Button text @click="router.push({ name: 'homes' })">{{ t('join.decline') }}</Button>
        </p>
      </form>
    </div>
  </div>
</template>

<style scoped>
.offer {
  font-size: 1.125rem;
}
</style>
