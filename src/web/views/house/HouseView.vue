<script setup lang="ts">
import { computed, ref } from 'vue';
import { useRoute } from 'vue-router';
import PageState from '../../components/PageState.vue';
import { inHomeUnits } from '../../../core/units/quantity.ts';
import { useLoading } from '../../composables/useLoading.ts';
import { useSpeech } from '../../composables/useSpeech.ts';
import { addressOf } from '../../api/client.ts';
import { ROUTES } from '../../../contract/routes.ts';
import { useHome } from '../../stores/home.ts';
import { useSession } from '../../stores/session.ts';
import EraseHome from './EraseHome.vue';
import KeptList from './KeptList.vue';
import MemberList from './MemberList.vue';
import NewHomeForm from './NewHomeForm.vue';

/** The homes one looks after, what the open one has, who may see it, and its file. */
const route = useRoute();
const home = useHome();
const session = useSession();
const speech = useSpeech();
const t = computed(() => speech.value.t);
const homeId = typeof route.params['homeId'] === 'string' ? route.params['homeId'] : null;
const making = ref(false);

const { state, load } = useLoading(async () => {
  if (homeId) await home.load(homeId);
});

const fileAddress = computed(() => (homeId ? addressOf(ROUTES.houseFile.path, { params: { homeId } }) : ''));
const current = computed(() => (homeId ? home.house : null));
const fileName = computed(
  () => `${(current.value?.home.name ?? 'house').replace(/[^\p{L}\p{N}]+/gu, '-').toLowerCase()}.json`,
);

/** What the house has, each with its place and size in the home's own units. */
const things = computed(() => {
  const house = current.value;
  if (!house) return [];
  return house.assets.map(({ id, name, kind, space, partOf, facts }) => {
    const place = house.spaces.find((one) => one.id === space)?.name;
    const set = house.assets.find((one) => one.id === partOf)?.name;
    const millimetres = facts?.['thicknessMm'];
    const size = typeof millimetres === 'number' ? sizeText(millimetres) : undefined;
    const details = [set, place, size].filter((text) => text !== undefined);
    return { id, name, kind: t.value(`assetKind.${kind}`), details: details.join(', ') };
  });
});

function sizeText(millimetres: number): string {
  const { value, unit } = inHomeUnits({ value: millimetres, unit: 'mm' }, current.value?.home.units ?? 'us');
  return t.value(`unit.${unit}`, { n: speech.value.formats.number(value) });
}
</script>

<template>
  <div class="sheet">
    <header>
      <h1>{{ t('house.title') }}</h1>
      <p class="soft">{{ t('house.lead') }}</p>
    </header>
    <div class="column house">
      <section :aria-label="t('house.homes')">
        <h2>{{ t('house.homes') }}</h2>
        <p v-if="session.homes.length === 0">{{ t('house.none') }}</p>
        <ul v-else class="ruled">
          <li v-for="one in session.homes" :key="one.id" class="row">
            <span>
              {{ one.name }} <span class="soft small">{{ one.zone }}, {{ t(`role.${one.role}`) }}</span>
            </span>
            <span v-if="one.id === homeId" class="soft">{{ t('house.current') }}</span>
            <RouterLink v-else :to="{ name: 'today', params: { homeId: one.id } }"
              >{{ t('house.open') }}<span class="unseen"> {{ one.name }}</span></RouterLink
            >
          </li>
        </ul>
        <NewHomeForm v-if="making || session.homes.length === 0" />
        <button v-else type="button" @click="making = true">{{ t('house.newTitle') }}</button>
      </section>
      <PageState
        v-if="state.kind !== 'ready'"
        :state="state"
        :loading="t('shell.loading')"
        :again="t('shell.tryAgain')"
        @again="load"
      />
      <template v-else-if="current">
        <section :aria-label="t('house.things')">
          <h2>{{ t('house.things') }}</h2>
          <p v-if="things.length === 0" class="soft">{{ t('house.thingsNone') }}</p>
          <ul v-else class="ruled">
            <li v-for="thing in things" :key="thing.id" class="row">
              <span
                >{{ thing.name }} <span class="soft small">{{ thing.details }}</span></span
              >
              <span class="soft small">{{ thing.kind }}</span>
            </li>
          </ul>
        </section>
        <KeptList :house="current" :rows="home.rows" :speech="speech" :may-write="home.mayWrite" />
        <MemberList
          :home-id="current.home.id"
          :home-name="current.home.name"
          :is-owner="current.role === 'owner'"
        />
        <section :aria-label="t('house.file')" class="no-print">
          <h2>{{ t('house.file') }}</h2>
          <p>{{ t('house.fileLead') }}</p>
          <a :href="fileAddress" :download="fileName">{{ t('house.download') }}</a>
        </section>
        <EraseHome
          v-if="current.role === 'owner'"
          :home-id="current.home.id"
          :home-name="current.home.name"
        />
      </template>
    </div>
  </div>
</template>

<style>
/* One style for the lists of this page, in whichever part they stand. */
.house section {
  margin-bottom: calc(var(--line) * 2);
}

.house .row {
  display: flex;
  flex-wrap: wrap;
  justify-content: space-between;
  gap: 0 1rem;
  padding: 0.25rem 0;
}
</style>
