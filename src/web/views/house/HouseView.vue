<script setup lang="ts">
import { computed, ref } from 'vue';
import { useRoute } from 'vue-router';
import PageState from '../../kit/PageState.vue';
import type { PhotoBody } from '../../../contract/photos.ts';
import type { UpkeepBody } from '../../../contract/schemas.ts';
import { useLoading } from '../../composables/useLoading.ts';
import { useSaying } from '../../composables/useSaying.ts';
import { useSpeech } from '../../composables/useSpeech.ts';
import { addressOf } from '../../device/address.ts';
import { ask } from '../../device/ask.ts';
import { ROUTES } from '../../../contract/routes.ts';
import { useHome } from '../../stores/home.ts';
import CoverageTable from './CoverageTable.vue';
import EraseHome from './EraseHome.vue';
import LoosePhotos from './LoosePhotos.vue';
import MemberList from './MemberList.vue';
import RoomList from './RoomList.vue';
import TraitsSection from './TraitsSection.vue';

/** The rooms and things of a home, what it is like, who may see it, and its file. */
const route = useRoute();
const home = useHome();
const speech = useSpeech();
const t = computed(() => speech.value.t);
const homeId = String(route.params['homeId']);

const upkeep = ref<UpkeepBody | null>(null);
const photos = ref<PhotoBody[]>([]);
const say = useSaying();

async function read(): Promise<void> {
  const [, body, pictures] = await Promise.all([
    home.load(homeId),
    ask('upkeep', { params: { homeId } }),
    ask('photos', { params: { homeId } }),
  ]);
  upkeep.value = body;
  photos.value = pictures;
}
const { state, load } = useLoading(read);

const fileAddress = addressOf(ROUTES.houseFile.path, { params: { homeId } });
const current = computed(() => home.house);
const fileName = computed(
  () => `${(current.value?.home.name ?? 'house').replace(/[^\p{L}\p{N}]+/gu, '-').toLowerCase()}.json`,
);

const known = computed(() => (upkeep.value && upkeep.value.known.on === home.on ? upkeep.value.known : null));

/** Says what came of a change, and reads anew what it may have moved. */
async function changed(text: string): Promise<void> {
  await load();
  say({ text });
}
</script>

<template>
  <div class="sheet">
    <header>
      <h1>{{ t('house.title') }}</h1>
      <p class="soft">{{ t('house.lead') }}</p>
    </header>
    <div class="column house">
      <PageState
        v-if="state.kind !== 'ready'"
        :state="state"
        :loading="t('shell.loading')"
        :again="t('shell.tryAgain')"
        @again="load"
      />
      <template v-else-if="current">
        <template v-if="known && upkeep">
          <RoomList
            :house="current"
            :known="known"
            :speech="speech"
            :may-write="home.mayWrite"
            @saved="changed"
          />
          <LoosePhotos
            :house="current"
            :gone="known.gone"
            :photos="photos"
            :speech="speech"
            :may-write="home.mayWrite"
            @saved="changed"
          />
          <CoverageTable :house="current" :known="known" :speech="speech" />
          <TraitsSection
            :house="current"
            :upkeep="upkeep"
            :speech="speech"
            :may-write="home.mayWrite"
            @saved="changed"
          />
        </template>
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
