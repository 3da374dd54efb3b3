<script setup lang="ts">
import Button from 'primevue/button';
import Tab from 'primevue/tab';
import TabList from 'primevue/tablist';
import TabPanel from 'primevue/tabpanel';
import TabPanels from 'primevue/tabpanels';
import Tabs from 'primevue/tabs';
import { computed, defineAsyncComponent, ref, watch } from 'vue';
import { useRoute, useRouter } from 'vue-router';
import PageState from '../../kit/PageState.vue';
import type { PhotoBody } from '../../../contract/photos.ts';
import type { SeriesBody, UpkeepBody } from '../../../contract/schemas.ts';
import type { KnownBody } from '../../../contract/known.ts';
import { ageingOf } from '../../../core/house/expectedLife.ts';
import type { CivilDate } from '../../../core/calendar/civilDate.ts';
import { practiceSystemSchema } from '../../../core/practice/lists.ts';
import { rootsOf, type Asset } from '../../../core/house/house.ts';
import { practiceTitle } from '../../../locales/practiceText.ts';
import { capital, dateText } from '../../../locales/speech.ts';
import { thingName } from '../../../locales/thingName.ts';
import { ask } from '../../device/ask.ts';
import { useChanges } from '../../composables/useChanges.ts';
import { useLoading } from '../../composables/useLoading.ts';
import { useSpeech } from '../../composables/useSpeech.ts';
import { useHome } from '../../stores/home.ts';
import { usePhotos } from '../../composables/usePhotos.ts';
import KeptRow from '../../parts/schedule/KeptRow.vue';
import { firstUnit, systemsOf, type KeptLine } from '../../parts/schedule/keptLines.ts';
import DocumentList from './DocumentList.vue';
import FactFields from './FactFields.vue';
import LifeList from './LifeList.vue';
import LeavePanel from './LeavePanel.vue';
import PhotoList from './PhotoList.vue';
import ThingHead from './ThingHead.vue';

// The charts and their library are fetched where there is something to draw.
const ReadingsSection = defineAsyncComponent(() => import('./ReadingsSection.vue'));

/** One thing of the house: at a glance, and by tabs its tasks with their schedules, facts, measurements, photos and papers, and history. */
const route = useRoute();
const router = useRouter();
const home = useHome();
const speech = useSpeech();
const t = computed(() => speech.value.t);
const homeId = String(route.params['homeId']);
const assetId = computed(() => String(route.params['assetId']));
const known = ref<KnownBody | null>(null);
const upkeep = ref<UpkeepBody | null>(null);
const photos = ref<PhotoBody[]>([]);
const series = ref<SeriesBody | null>(null);
const { address } = usePhotos(homeId);
/** Open at once where one comes to remove it. */
const leaving = ref<'replace' | 'remove' | null>(route.query['leave'] === 'remove' ? 'remove' : null);

async function read(): Promise<void> {
  const params = { homeId };
  const [, body, pictures, over] = await Promise.all([
    home.load(homeId),
    ask('upkeep', { params }),
    ask('photos', { params }),
    ask('series', { params }),
  ]);
  series.value = over;
  upkeep.value = body;
  known.value = body.known;
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
/** The tasks on what stands in this place, whoever stood there first, the next to be due on top. */
const lines = computed((): KeptLine[] => {
  const { house } = home;
  if (!house || !upkeep.value) return [];
  const roots = rootsOf(house.assets);
  const isHere = (id: string): boolean => (roots.get(id) ?? id) === root.value;
  const own = { ...house, duties: house.duties.filter(({ asset: one }) => isHere(one)) };
  const due = (line: KeptLine): string => firstUnit(line)?.kept.next[0]?.window.due ?? '9999';
  return systemsOf(own, upkeep.value, home.find, practiceSystemSchema.options)
    .flatMap((one) => one.lines)
    .filter(({ standing }) => standing !== 'given-up')
    .sort((one, other) => due(one).localeCompare(due(other)));
});
const lastOf = ({ units }: KeptLine): CivilDate | undefined => latest(units.map(({ duty }) => duty.id));
const latest = (duties: readonly string[]): CivilDate | undefined =>
  duties
    .flatMap((duty) => known.value?.lastDone[duty] ?? [])
    .sort()
    .at(-1);

/** The next task here, and the last one done. */
const dates = computed(() => {
  const titleOf = ({ practice }: KeptLine): string => practiceTitle(speech.value, practice);
  const [first] = lines.value;
  const next = first && firstUnit(first)?.kept.next[0]?.window.due;
  const [done] = lines.value
    .flatMap((line) => {
      const on = lastOf(line);
      return on === undefined ? [] : [{ line, on }];
    })
    .sort((one, other) => other.on.localeCompare(one.on));
  return [
    ...(first && next
      ? [
          {
            label: t.value('thing.nextUp'),
            day: dateText(speech.value, next),
            what: titleOf(first),
            late: next < speech.value.today,
          },
        ]
      : []),
    ...(done
      ? [
          {
            label: t.value('thing.lastDone'),
            day: dateText(speech.value, done.on),
            what: titleOf(done.line),
            late: false,
          },
        ]
      : []),
  ];
});

const TABS = ['tasks', 'facts', 'measured', 'papers', 'history'] as const;
type TabName = (typeof TABS)[number];
const tabs = computed(() => TABS.filter((one) => one !== 'measured' || hasReadings.value));
/** The open tab, in the address: the way back leads to it. */
const tab = computed({
  get: (): TabName => TABS.find((one) => one === route.query['tab']) ?? 'tasks',
  set: (name) => void router.replace({ query: name === 'tasks' ? {} : { tab: name } }),
});
const opened = ref(new Set<string>());
function turn(key: string, open: boolean): void {
  if (open) opened.value.add(key);
  else opened.value.delete(key);
}

watch(assetId, () => {
  leaving.value = null;
});

const { changes, changed, written } = useChanges(t, load);
async function tell(text: string): Promise<void> {
  await changed(text);
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
        <ThingHead
          :asset="asset"
          :photo="own[0] ?? null"
          :address-of="address"
          :dates="dates"
          :speech="speech"
          :may-write="home.mayWrite && !gone"
          @photo="tab = 'papers'"
        />
        <Tabs v-model:value="tab" lazy>
          <TabList>
            <Tab v-for="one in tabs" :key="one" :value="one" :data-tab="one">{{ t(`thing.tab.${one}`) }}</Tab>
          </TabList>
          <TabPanels>
            <TabPanel value="tasks">
              <p v-if="lines.length === 0" class="soft">{{ t('thing.keptNone') }}</p>
              <ul v-else class="ruled" :aria-label="t('thing.kept')">
                <KeptRow
                  v-for="line in lines"
                  :key="`${line.key} ${changes}`"
                  :line="line"
                  :home-id="homeId"
                  :speech="speech"
                  :may-write="home.mayWrite && !gone"
                  :last="lastOf(line)"
                  :opened="opened.has(line.units[0]?.duty.id ?? '')"
                  @update:opened="turn(line.units[0]?.duty.id ?? '', $event)"
                  @written="written"
                />
              </ul>
              <section v-if="home.mayWrite && !gone && asset.kind !== 'house'" class="no-print">
                <p v-if="leaving === null" class="ways">
                  <Button outlined data-act="replace" @click="leaving = 'replace'">
                    {{ t('thing.replace') }}
                  </Button>
                  <Button outlined data-act="remove" @click="leaving = 'remove'">
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
            </TabPanel>
            <TabPanel value="facts">
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
            </TabPanel>
            <TabPanel v-if="series && hasReadings" value="measured">
              <ReadingsSection :body="series" :root="root" :name="name" :speech="readingSpeech" />
            </TabPanel>
            <TabPanel value="papers">
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
            </TabPanel>
            <TabPanel value="history">
              <LifeList :key="changes" :house="home.house" :asset-id="assetId" :speech="speech" />
            </TabPanel>
          </TabPanels>
        </Tabs>
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

.ways {
  display: flex;
  gap: 1.5rem;
}
</style>
