<script setup lang="ts">
import Button from 'primevue/button';
import { computed, ref } from 'vue';
import { useI18n } from 'vue-i18n';
import type { SignedInBrowser } from '../../../contract/accounts.ts';
import type { Translate } from '../../../locales/speech.ts';
import { ask } from '../../device/ask.ts';
import KitTable from '../../kit/KitTable.vue';
import PageState from '../../kit/PageState.vue';
import { deviceName } from '../../parts/account/deviceName.ts';
import EndBrowser from './EndBrowser.vue';
import { useErrorText } from '../../composables/useErrorText.ts';
import { useLoading } from '../../composables/useLoading.ts';
import { useSaying } from '../../composables/useSaying.ts';
import { useSpeech } from '../../composables/useSpeech.ts';
import { endBrowser, endOtherBrowsers } from '../../stores/account.ts';

/** Where one is signed in; each can be signed out from here. */
type Row = SignedInBrowser & { readonly device: string } & Record<string, unknown>;

const { t } = useI18n({ useScope: 'global' });
const translate: Translate = (key, named = {}, plural = 1) => t(key, named, plural);
const speech = useSpeech();
const say = useSaying();
const { tell } = useErrorText();
const browsers = ref<SignedInBrowser[]>([]);
const busy = ref(false);
const rows = computed(() =>
  browsers.value.map((one): Row => ({ ...one, device: deviceName(translate, one.agent) })),
);
/** The latest; the others are shown with one press. */
const FEW = 5;
const showsAll = ref(false);
const shown = computed(() => (showsAll.value ? rows.value : rows.value.slice(0, FEW)));
const folded = computed(() => rows.value.length - shown.value.length);
const others = computed(() => browsers.value.filter(({ here }) => !here).length);
const COLUMNS = ['device', 'since', 'seenAt', 'act'] as const;
const HEADS = {
  device: 'account.device',
  since: 'account.since',
  seenAt: 'account.seen',
  act: 'people.acts',
} as const;

const { state, load } = useLoading(async () => {
  browsers.value = await ask('browsers');
});

const { timeZone } = Intl.DateTimeFormat().resolvedOptions();
const when = (moment: string): string => speech.value.formats.instant(moment, timeZone);

/** Ends a session, or all others, once however often the button is pressed. */
async function end(work: () => Promise<unknown>, text: string): Promise<void> {
  if (busy.value) return;
  busy.value = true;
  try {
    await work();
    say({ text });
    await load();
  } catch (error) {
    say({ text: tell(error).text, wrong: true });
  } finally {
    busy.value = false;
  }
}
const endOne = ({ id, device }: Row) => end(() => endBrowser(id), t('account.ended', { device }));
const endOthers = () => end(endOtherBrowsers, t('account.endedOthers'));
</script>

<template>
  <section :aria-label="t('account.browsers')">
    <h2>{{ t('account.browsers') }}</h2>
    <p class="soft">{{ t('account.browsersLead') }}</p>
    <PageState
      v-if="state.kind !== 'ready'"
      :state="state"
      :loading="t('shell.loading')"
      :again="t('shell.tryAgain')"
      @again="load"
    />
    <KitTable
      v-else
      :rows="shown"
      :columns="COLUMNS.map((field) => ({ field, head: t(HEADS[field]) }))"
      row-key="id"
      :label="t('account.browsers')"
      empty=""
    >
      <template #cell="{ row, field }">
        <template v-if="field === 'act'">
          <EndBrowser :here="row.here" :device="row.device" :busy="busy" @end="endOne(row)" />
        </template>
        <template v-else-if="field === 'device'">{{ row.device }}</template>
        <template v-else>{{ when(field === 'since' ? row.since : row.seenAt) }}</template>
      </template>
      <template #line="{ row }">
        <div class="k-line">
          <span>
            {{ row.device }}<br />
            <span class="soft small">{{ t('account.seen') }}: {{ when(row.seenAt) }}</span>
          </span>
          <EndBrowser :here="row.here" :device="row.device" :busy="busy" @end="endOne(row)" />
        </div>
      </template>
    </KitTable>
    <p v-if="others > 0" class="actions">
      <Button
        v-if="folded > 0"
        text
        :label="t('account.moreDevices', { n: folded }, folded)"
        @click="showsAll = true"
      />
      <Button outlined :disabled="busy" @click="endOthers">{{ t('account.endOthers') }}</Button>
    </p>
  </section>
</template>
