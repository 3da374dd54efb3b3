<script setup lang="ts">
import Button from 'primevue/button';
import { computed, defineAsyncComponent, ref, watch } from 'vue';
import { useRoute, useRouter } from 'vue-router';
import PageState from '../../kit/PageState.vue';
import type { PhotoBody } from '../../../contract/photos.ts';
import type { SeriesBody } from '../../../contract/schemas.ts';
import type { KnownBody } from '../../../contract/known.ts';
import { ageingOf } from '../../../core/house/expectedLife.ts';
import { rootsOf, type Asset } from '../../../core/house/house.ts';
import { practiceTitle } from '../../../locales/practiceText.ts';
import { capital, dateText } from '../../../locales/speech.ts';
import { thingName } from '../../../locales/thingName.ts';
import { ask } from '../../device/ask.ts';
import { useLoading } from '../../composables/useLoading.ts';
import { useSaying } from '../../composables/useSaying.ts';
import { useSpeech } from '../../composables/useSpeech.ts';
import { useHome } from '../../stores/home.ts';
import DocumentList from './DocumentList.vue';
import FactFields from './FactFields.vue';
import LifeList from './LifeList.vue';
import LeavePanel from './LeavePanel.vue';
import PhotoList from './PhotoList.vue';

// The charts and their library are fetched where there is something to draw.
const ReadingsSection = defineAsyncComponent(() => import('./ReadingsSection.vue'));

/** One thing of the house: what is known of it, its age, its photos, what is kept on it; and its leaving. */
const route = useRoute();
const router = useRouter();
const home = useHome();
const speech = useSpeech();
const t = computed(() => speech.value.t);
const homeId = String(route.params['homeId']);
const assetId = computed(() => String(route.params['assetId']));
const known = ref<KnownBody | null>(null);
const photos = ref<PhotoBody[]>([]);
const series = ref<SeriesBody | null>(null);
const say = useSaying();
const leaving = ref<'replace' | 'remove' | null>(null);

async function read(): Promise<void> {
  const params = { homeId };
  const [, body, pictures, over] = await Promise.all([
    home.load(homeId),
    ask('known', { params }),
    ask('photos', { params }),
    ask('series', { params }),
  ]);
  series.value = over;
  known.value = body;
  photos.value = pictures;
}
const { state, load } = useLoading(read);

const asset = computed((): Asset | null => {
  const found = home.house?.assets.find(({ id }) => id === assetId.value);
  return found ? { ...found, facts: known.value?.facts[found.id] ?? found.facts ?? {} } : null;
});
const name = computed(() =>
  asset.value ? thingName(speech.value, asset.value, home.house?.spaces ?? []) : '',
);
const gone = computed(() => known.value?.gone.includes(assetId.value) ?? false);
const successor = computed(() => home.house?.assets.find(({ succeeds }) => succeeds === assetId.value));
const own = computed(() => photos.value.filter((photo) => photo.asset === assetId.value));
const ageing = computed(() => {
  const age = asset.value && home.on ? ageingOf(asset.value, home.on) : null;
  if (!age) return null;
  // Labels seldom say more than the year, and a usual life is no matter of days.
  const on = (date: typeof age.began): string => date.slice(0, 4);
  return {
    text: t.value(`ageing.${age.standing}`, { began: on(age.began), from: on(age.from), to: on(age.to) }),
    past: age.standing === 'past',
  };
});
const root = computed(() => rootsOf(home.house?.assets ?? []).get(assetId.value) ?? assetId.value);
const readingSpeech = computed(() => ({ ...speech.value, currency: home.house?.home.currency ?? 'USD' }));
const hasReadings = computed(
  () => series.value?.series.some(({ asset: one }) => one === root.value) ?? false,
);
/** The duties on what stands in this place, whoever stood there first. */
const kept = computed(() => {
  const { house } = home;
  if (!house) return [];
  const roots = rootsOf(house.assets);
  const root = roots.get(assetId.value);
  return house.duties
    .filter(({ asset: one }) => (roots.get(one) ?? one) === root)
    .flatMap(({ id, practice }) => {
      const row = home.rows.find(({ dutyId }) => dutyId === id);
      if (row?.retired === true) return [];
      const due = row?.occurrence?.window.due;
      const title = practiceTitle(speech.value, practice);
      return [{ id, title, due: due === undefined ? t.value('upkeep.notDue') : dateText(speech.value, due) }];
    });
});

watch(assetId, () => {
  leaving.value = null;
});

/** The record is read again after each change. */
const lives = ref(0);
async function tell(text: string): Promise<void> {
  await load();
  lives.value += 1;
  say({ text });
  leaving.value = null;
}

async function replaced(id: string): Promise<void> {
  await router.push({ name: 'thing', params: { homeId, assetId: id } });
  await tell(t.value('thing.replaced', { name: name.value }));
}
</script>

<template>
  <div class="sheet">
    <header>
      <h1>{{ asset ? name : t('house.title') }}</h1>
      <p class="soft">
        <template v-if="asset">{{ t(`assetKind.${asset.kind}`) }}. </template>
        <RouterLink :to="{ name: 'house', params: { homeId } }" class="no-print">{{
          t('thing.back')
        }}</RouterLink>
      </p>
    </header>
    <div class="column body">
      <PageState
        v-if="state.kind !== 'ready' && known === null"
        :state="state"
        :loading="t('shell.loading')"
        :again="t('shell.tryAgain')"
        @again="load"
      />
      <p v-else-if="!asset" class="notice">{{ t('thing.none') }}</p>
      <template v-else-if="home.house">
        <p v-if="gone" class="notice">
          {{ t('thing.gone') }}
          <RouterLink v-if="successor" :to="{ name: 'thing', params: { homeId, assetId: successor.id } }">{{
            capital(t('thing.by', { name: successor.name }))
          }}</RouterLink>
        </p>
        <p v-if="ageing" class="age" :class="{ past: ageing.past }">
          <strong>{{ t('thing.life') }}:</strong> {{ ageing.text }}
        </p>
        <FactFields
          :key="assetId"
          :asset="asset"
          :facts="asset.facts ?? {}"
          :house="home.house"
          :speech="speech"
          :may-write="home.mayWrite && !gone"
          @saved="tell"
        />
        <section :aria-label="t('thing.kept')">
          <h2>{{ t('thing.kept') }}</h2>
          <p v-if="kept.length === 0" class="soft">{{ t('thing.keptNone') }}</p>
          <ul v-else class="ruled">
            <li v-for="one in kept" :key="one.id" class="row">
              <RouterLink :to="{ name: 'upkeep', params: { homeId }, query: { find: one.title } }">{{
                one.title
              }}</RouterLink>
              <span class="soft">{{ one.due }}</span>
            </li>
          </ul>
        </section>
        <section v-if="home.mayWrite && !gone && asset.kind !== 'house'" class="no-print">
          <p v-if="leaving === null" class="ways">
            <Button text data-act="replace" @click="leaving = 'replace'">
              {{ t('thing.replace') }}
            </Button>
            <Button text data-act="remove" @click="leaving = 'remove'">
              {{ t('thing.remove') }}
            </Button>
          </p>
          <LeavePanel
            v-else
            :key="leaving"
            :way="leaving"
            :asset="asset"
            :house="home.house"
            :speech="speech"
            @close="leaving = null"
            @replaced="replaced"
            @removed="tell"
          />
        </section>
        <ReadingsSection
          v-if="series && hasReadings"
          :body="series"
          :root="root"
          :name="name"
          :speech="readingSpeech"
        />
        <PhotoList
          :asset="asset"
          :home-id="homeId"
          :photos="own"
          :speech="speech"
          :may-write="home.mayWrite && !gone"
          @changed="tell"
        />
        <DocumentList
          :asset="asset"
          :home-id="homeId"
          :speech="speech"
          :may-write="home.mayWrite && !gone"
          @changed="tell"
        />
        <LifeList :key="lives" :house="home.house" :asset-id="assetId" :speech="speech" />
      </template>
    </div>
  </div>
</template>

<style scoped>
.body {
  max-width: 46rem;
}

section {
  margin-top: calc(var(--line) * 1.5);
}

.row {
  display: flex;
  justify-content: space-between;
  gap: 0 1rem;
  padding: 0.25rem 0;
}

.ways {
  display: flex;
  gap: 1.5rem;
}
</style>
