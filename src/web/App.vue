<script setup lang="ts">
import Button from 'primevue/button';
import { useEventListener, useIntervalFn, useOnline } from '@vueuse/core';
import { computed, defineAsyncComponent, onMounted, ref, watch, watchEffect } from 'vue';
import { useI18n } from 'vue-i18n';
import { useRoute, useRouter } from 'vue-router';
import { allows } from '../contract/access.ts';
import { browserWording } from './i18n.ts';
import { ApiError, NoConnection, signals } from './device/errors.ts';
import { endLeftSession } from './device/leftSession.ts';
import { useErrorText } from './composables/useErrorText.ts';
import { useKeptHome } from './composables/useKeptHome.ts';
import { useKeySetting } from './composables/useKeySetting.ts';
import { useSpeech } from './composables/useSpeech.ts';
import { useThemeShown } from './composables/useTheme.ts';
import { isCovered, uncover } from './device/cover.ts';
import { pause } from './device/pause.ts';
import KitToasts from './kit/KitToasts.vue';
import AppHead from './shell/AppHead.vue';
import PhoneBar from './shell/PhoneBar.vue';
import { toSignIn } from './router.ts';
import { useFocusKept } from './shell/useFocusKept.ts';
import { useNewVersion } from './shell/useNewVersion.ts';
import { useTitle } from './shell/useTitle.ts';
import { useConfirmation } from './stores/confirmation.ts';
import { useFreshness } from './stores/freshness.ts';
import { useHome } from './stores/home.ts';
import { useOutbox } from './stores/outbox.ts';
import { useSession } from './stores/session.ts';

/** Seldom needed, so it is fetched when it is. */
const RefusedDialog = defineAsyncComponent(() => import('./views/refused/RefusedDialog.vue'));
/** Fetched with the first search. */
const SearchDialog = defineAsyncComponent(() => import('./views/search/SearchDialog.vue'));
/** Asked seldom, from any page. */
const ConfirmDialog = defineAsyncComponent(() => import('./views/account/ConfirmDialog.vue'));
/** Kept on the device with the other pages, so that signing out asks without a connection too. */
const KitDialog = defineAsyncComponent(() => import('./kit/KitDialog.vue'));

const { t, locale } = useI18n({ useScope: 'global' });
const route = useRoute();
const router = useRouter();
const session = useSession();
const home = useHome();
const outbox = useOutbox();
const confirmation = useConfirmation();
const freshness = useFreshness();
const { isOld, reload } = useNewVersion();
const online = useOnline();
useThemeShown();
useTitle();
useFocusKept();
const speech = useSpeech();
const keys = useKeySetting();
const { tellBody } = useErrorText();
useKeptHome();

const RETRY_MS = 15_000;

const homeId = computed(() => (typeof route.params['homeId'] === 'string' ? route.params['homeId'] : null));

const mayWrite = computed(() => {
  const role = session.homes.find(({ id }) => id === homeId.value)?.role;
  return role !== undefined && allows(role, 'write');
});

watch(
  () => session.homes.find(({ id }) => id === homeId.value),
  (current) => {
    locale.value = current?.vocabulary ?? browserWording();
    document.documentElement.lang = locale.value;
  },
  { immediate: true },
);

// Waiting writes go out when the connection is back, and are tried now and then meanwhile.
watch(online, (is) => {
  if (!is) return;
  void session.resume();
  void outbox.flush();
  void askAgain();
});
/** Where what is on screen is not of now, it is read anew as soon as the server answers. */
async function askAgain(): Promise<void> {
  if (freshness.since === null) return;
  try {
    await session.confirm();
    freshness.back();
  } catch (error) {
    // Still nobody there; or the server no longer knows this browser, and that is said.
    if (!(error instanceof NoConnection || error instanceof ApiError)) throw error;
  }
}
useIntervalFn(() => {
  void askAgain();
  if (outbox.waiting.length > 0) void outbox.flush();
  // A session left without a connection ends as soon as the server can be told.
  void endLeftSession();
}, RETRY_MS);
// A page not fetched before cannot be had without a connection; that is said, and the one on screen stays.
const unfetched = ref<string | null>(null);
router.onError((_error, to) => {
  unfetched.value = to.fullPath;
});
/** Behind what the server drew nothing is said in a toast: they come a step later. */
const isWhole = ref(!isCovered());
onMounted(async () => {
  await pause();
  isWhole.value = true;
});
// The server draws Today alone: any other page, and a page that cannot be shown, stands for itself.
watchEffect(() => {
  if (session.unreachable || (route.name !== undefined && route.name !== 'today')) void uncover();
});
router.beforeEach((to, from) => {
  if (to.path !== from.path) freshness.reset();
});
router.afterEach(() => {
  unfetched.value = null;
});

/** The act of each single key, while nothing is being typed into a field. */
const KEYS: Readonly<Record<string, (homeId: string) => void>> = {
  '!': (id) => void router.push({ name: 'trouble', params: { homeId: id } }),
  '/': () => {
    searching.value = true;
  },
};
const searching = ref(false);
useEventListener('keydown', (event: KeyboardEvent) => {
  const act = KEYS[event.key];
  if (!act || !keys.value || !homeId.value || event.ctrlKey || event.metaKey || event.altKey) return;
  if ((event.target as HTMLElement).closest('input, textarea, select, [contenteditable]')) return;
  event.preventDefault();
  act(homeId.value);
});

/** Since when what is on screen has been known, where it is not of now. */
const shownAsOf = computed(() => {
  const zone = home.house?.home.zone;
  if (freshness.since === null) return null;
  return speech.value.formats.instant(freshness.since, zone ?? 'UTC');
});

// A session may end while a page is open. What was typed stays on screen until the person goes to sign in again.
const lapsed = ref(false);
useEventListener(signals, 'signed-out', () => {
  lapsed.value = session.signedIn;
});

async function signInAgain(): Promise<void> {
  const { fullPath, hash } = route;
  await session.forget();
  home.forget();
  lapsed.value = false;
  await router.push(toSignIn({ fullPath, hash }));
}

const unsent = computed(() => outbox.waiting.length + outbox.refused.length);
const askingToLeave = ref(false);
/** The refused write that is being put right. */
const editing = ref<string | null>(null);

/** Signing out deletes what is on the device: with something unsent there, that is asked first. */
async function leave(): Promise<void> {
  if (unsent.value > 0 && !askingToLeave.value) {
    askingToLeave.value = true;
    return;
  }
  askingToLeave.value = false;
  await session.signOut();
  home.forget();
  await router.push({ name: 'sign-in' });
}
</script>

<template>
  <a class="unseen skip" href="#page">{{ t('nav.skip') }}</a>
  <AppHead
    v-if="session.signedIn"
    :home-id="homeId"
    :may-write="mayWrite"
    @leave="leave"
    @search="searching = true"
  />
  <div class="strips no-print" aria-live="polite">
    <p v-if="lapsed" class="strip wrong">
      {{ t('error.not-signed-in') }}
      <Button text @click="signInAgain">{{ t('signIn.enter') }}</Button>
    </p>
    <p v-if="unfetched" class="strip wrong">
      {{ t('shell.unfetched') }} <a :href="unfetched">{{ t('shell.tryAgain') }}</a>
    </p>
    <p v-if="isOld" class="strip" data-test="old-page">
      {{ t('shell.oldPage') }} <Button text @click="reload">{{ t('shell.reload') }}</Button>
    </p>
    <p v-if="!online || shownAsOf !== null" class="strip" data-test="offline">
      {{ t('shell.offline') }}
      <template v-if="shownAsOf !== null">{{ t('shell.asOf', { when: shownAsOf }) }}</template>
    </p>
    <p v-if="outbox.waiting.length > 0" class="strip" data-test="waiting">
      {{ t('shell.waiting', { n: outbox.waiting.length }, outbox.waiting.length) }}
      {{
        outbox.trouble !== null && outbox.trouble !== 'no-answer' ? t(`shell.trouble.${outbox.trouble}`) : ''
      }}
      <Button text @click="outbox.flush()">{{ t('shell.tryAgain') }}</Button>
    </p>
    <p v-for="parcel in outbox.refused" :key="parcel.id" class="strip wrong">
      {{
        t('shell.refused', {
          what: parcel.label.replace(/\.$/, ''),
          why: parcel.refused ? tellBody(parcel.refused).text : '',
        })
      }}
      <Button text @click="outbox.retry(parcel.id)">{{ t('shell.tryAgain') }}</Button>
      <Button v-if="parcel.route === 'append'" text data-act="edit-refused" @click="editing = parcel.id">
        {{ t('shell.edit') }}
      </Button>
      <Button text @click="outbox.drop(parcel.id)">{{ t('shell.drop') }}</Button>
    </p>
  </div>
  <main id="page" tabindex="-1">
    <div v-if="session.unreachable" class="sheet">
      <p class="notice wrong" role="alert">
        {{ t('error.unavailable') }} <a :href="route.fullPath">{{ t('shell.tryAgain') }}</a>
      </p>
    </div>
    <RouterView v-else :key="homeId ?? ''" />
  </main>
  <KitDialog
    v-if="askingToLeave"
    v-model:open="askingToLeave"
    :title="t('shell.unsentTitle')"
    :close-label="t('shell.close')"
  >
    <p>{{ t('shell.unsent', { n: unsent }, unsent) }} {{ t('shell.unsentHint', unsent) }}</p>
    <p class="actions">
      <Button outlined data-act="stay" @click="askingToLeave = false">
        {{ t('shell.stay') }}
      </Button>
      <Button text data-act="leave-all" @click="leave">{{ t('shell.leaveAll', unsent) }}</Button>
    </p>
  </KitDialog>
  <RefusedDialog v-if="editing !== null" :key="editing" :parcel-id="editing" @close="editing = null" />
  <SearchDialog v-if="searching && homeId" :home-id="homeId" @close="searching = false" />
  <ConfirmDialog v-if="confirmation.isAsking" />
  <KitToasts v-if="isWhole" :close-label="t('shell.close')" />
  <PhoneBar v-if="session.signedIn && homeId" :home-id="homeId" :may-write="mayWrite" />
</template>

<style scoped>
.skip:focus {
  position: absolute;
  z-index: 10;
  padding: 0.5rem 1rem;
  background: var(--paper);
}

.strips {
  width: 100%;
  max-width: var(--page);
  margin: 0 auto;
  padding: 0 1.5rem;
}

.strip {
  padding: 0.375rem 0;
  border-bottom: 1px solid var(--rule);
  color: var(--brine);
}

.strip.wrong {
  color: var(--rust);
}

.strip :deep(.k-button) {
  margin-right: 0.75rem;
  white-space: nowrap;
}

main:focus {
  outline: none;
}

@media (max-width: 44rem) {
  .strips {
    padding: 0 1rem;
  }
}
</style>
