<script setup lang="ts">
import Button from 'primevue/button';
import { computed, ref } from 'vue';
import { useI18n } from 'vue-i18n';
import type { HomeAct, ActLine } from '../../../contract/members.ts';
import type { Person } from '../../../core/house/house.ts';
import type { Translate } from '../../../locales/speech.ts';
import KitTable from '../../kit/KitTable.vue';
import { ask } from '../../device/ask.ts';
import { deviceName } from '../../parts/account/deviceName.ts';
import { useLoading } from '../../composables/useLoading.ts';
import { useSpeech } from '../../composables/useSpeech.ts';

/** Who came to a home and what they took away or out, the last first: for its owners. */
const props = defineProps<{ homeId: string; zone: string; people: readonly Person[] }>();
type Row = { id: string; when: string; who: string; what: string } & Record<string, unknown>;

const { t } = useI18n({ useScope: 'global' });
const translate: Translate = (key, named = {}, plural = 1) => t(key, named, plural);
const speech = useSpeech();
/** As many as are read at a time. */
const PAGE = 20;
const acts = ref<ActLine[]>([]);
const hasMore = ref(false);

async function read(before?: string): Promise<ActLine[]> {
  const query = { limit: PAGE, ...(before !== undefined && { before }) };
  const page = await ask('acts', { params: { homeId: props.homeId }, query });
  hasMore.value = page.length === PAGE;
  return page;
}
const { state } = useLoading(async () => {
  acts.value = await read();
});
async function more(): Promise<void> {
  const last = acts.value.at(-1);
  if (last) acts.value = [...acts.value, ...(await read(last.at))];
}

const nameOf = (id: string): string =>
  props.people.find((person) => person.id === id)?.name ?? t('people.someone');

function wordsOf(what: HomeAct): string {
  switch (what.act) {
    case 'signedIn':
      return t('people.act.signedIn', { device: deviceName(translate, what.agent) });
    case 'invited':
      return t('people.act.invited', { email: what.email, role: t(`role.${what.role}`) });
    case 'invitationWithdrawn':
      return t('people.act.invitationWithdrawn', { email: what.email });
    case 'joined':
      return t('people.act.joined', { role: t(`role.${what.role}`) });
    case 'roleChanged':
      return t('people.act.roleChanged', { person: nameOf(what.person), role: t(`role.${what.role}`) });
    case 'removed':
      return t('people.act.removed', { person: nameOf(what.person) });
    case 'photoRemoved':
      return what.name === ''
        ? t('people.act.photoRemovedPlain')
        : t('people.act.photoRemoved', { name: what.name });
    case 'paperRemoved':
      return t('people.act.paperRemoved', { name: what.name });
    case 'left':
    case 'exported':
    case 'imported':
      return t(`people.act.${what.act}`);
  }
}

const rows = computed(() =>
  acts.value.map(({ id, at, by, what }): Row => ({
    id,
    when: speech.value.formats.instant(at, props.zone),
    who: nameOf(by),
    what: wordsOf(what),
  })),
);
</script>

<template>
  <section :aria-label="t('people.history')">
    <h2>{{ t('people.history') }}</h2>
    <p class="soft">{{ t('people.historyLead') }}</p>
    <p v-if="state.kind === 'failed'" class="notice wrong" role="alert">{{ state.text }}</p>
    <KitTable
      v-if="state.kind === 'ready'"
      :rows="rows"
      :columns="[
        { field: 'when', head: t('people.when') },
        { field: 'who', head: t('people.who') },
        { field: 'what', head: t('people.what') },
      ]"
      row-key="id"
      :label="t('people.history')"
      :empty="t('people.historyNone')"
    >
      <template #line="{ row }">
        {{ row.who }} {{ row.what }}<br />
        <span class="soft small">{{ row.when }}</span>
      </template>
    </KitTable>
    <p v-if="hasMore" class="no-print">
      <Button text @click="more">{{ t('people.historyMore') }}</Button>
    </p>
  </section>
</template>
