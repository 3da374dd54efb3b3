<script setup lang="ts">
import Button from 'primevue/button';
import { computed, ref } from 'vue';
import { useRoute } from 'vue-router';
import ContactList from '../../kit/ContactList.vue';
import PageState from '../../kit/PageState.vue';
import PhotoThumb from '../../kit/PhotoThumb.vue';
import ShutoffDrawing from '../../parts/section/ShutoffDrawing.vue';
import ShutList from '../../parts/season/ShutList.vue';
import type { PhotoBody } from '../../../contract/photos.ts';
import type { StandingBody } from '../../../contract/schemas.ts';
import type { KnownBody } from '../../../contract/known.ts';
import { emergencyPoints, POINT_GROUPS, type EmergencyPoint } from '../../../core/house/emergencyPoints.ts';
import { capital } from '../../../locales/speech.ts';
import { ask } from '../../device/ask.ts';
import { usePhotos } from '../../composables/usePhotos.ts';
import { useLoading } from '../../composables/useLoading.ts';
import { useSpeech } from '../../composables/useSpeech.ts';
import { useHome } from '../../stores/home.ts';
import { knownAssets } from '../../parts/thing/knownAssets.ts';

/** The shutoffs, where and how to close them, and whom to call: a list to print on one page with the drawing on the next, and to open without a signal. */
const route = useRoute();
const home = useHome();
const speech = useSpeech();
const t = computed(() => speech.value.t);
const homeId = String(route.params['homeId']);
const house = computed(() => home.house);
const known = ref<KnownBody | null>(null);
const standing = ref<StandingBody | null>(null);
const photos = ref<PhotoBody[]>([]);
const { address } = usePhotos(homeId);
const photoOf = (assetId: string | null): PhotoBody | undefined =>
  photos.value.find(({ asset }) => asset !== null && asset === assetId);

const { state, load } = useLoading(async () => {
  const params = { homeId };
  const [facts, stands, pictures] = await Promise.all([
    ask('known', { params }),
    ask('standing', { params }),
    ask('photos', { params }),
    home.load(homeId),
  ]);
  known.value = facts;
  standing.value = stands;
  photos.value = pictures;
});

const assets = computed(() => (house.value && known.value ? knownAssets(house.value, known.value) : []));
const groups = computed(() => {
  const points = emergencyPoints(assets.value, house.value?.spaces ?? []);
  return POINT_GROUPS.map((group) => ({
    group,
    points: points.filter((point) => point.group === group),
    first: FIRST[group] ?? [],
  })).filter(({ points: some }) => some.length > 0);
});
const FIRST: Readonly<Record<string, readonly string[]>> = {
  water: ['waterFirst'],
  gas: ['gasFirst', 'reopen'],
  power: ['powerFirst'],
};
const houseAsset = computed(() => assets.value.find(({ kind }) => kind === 'house'));
const mayWrite = computed(() => home.mayWrite);

const nameOf = ({ name, kind }: EmergencyPoint): string => name ?? t.value(`assetKind.${kind}`);
const howOf = ({ handle, how }: EmergencyPoint): string =>
  how ?? (handle === null ? '' : t.value(`shutoffHow.${handle}`));
const print = (): void => {
  window.print();
};
</script>

<template>
  <div class="sheet">
    <header>
      <h1>{{ t('sheet.title') }}</h1>
      <p v-if="house" class="soft">
        {{ t('sheet.lead', { home: house.home.name }) }}
        <Button text class="no-print" @click="print">{{ t('sheet.print') }}</Button>
      </p>
    </header>
    <div class="column">
      <PageState
        v-if="state.kind !== 'ready'"
        :state="state"
        :loading="t('shell.loading')"
        :again="t('shell.tryAgain')"
        @again="load"
      />
      <template v-else>
        <ShutList
          v-if="house && standing"
          class="stands"
          :lines="standing.lines"
          :marks="standing.marks"
          :house="house"
          :speech="speech"
          :may-write="false"
          busy
        />
        <section :aria-label="t('sheet.numbers')">
          <h2>{{ t('sheet.numbers') }}</h2>
          <ContactList
            :facts="houseAsset?.facts ?? {}"
            :country="known?.traits['country']"
            :speech="speech"
          />
          <RouterLink
            v-if="mayWrite && houseAsset"
            class="no-print"
            :to="{ name: 'thing', params: { homeId, assetId: houseAsset.id }, query: { tab: 'facts' } }"
            >{{ t('sheet.change') }}</RouterLink
          >
        </section>
        <section
          v-for="{ group, points, first } in groups"
          :key="group"
          :aria-label="t(`sheet.groups.${group}`)"
        >
          <h2>{{ t(`sheet.groups.${group}`) }}</h2>
          <p v-for="caution in first" :key="caution" class="caution">{{ t(`sheet.${caution}`) }}</p>
          <ul class="ruled">
            <li
              v-for="point in points"
              :key="point.asset ?? point.kind"
              class="point"
              :data-point="point.kind"
            >
              <span class="what"
                ><strong>{{ nameOf(point) }}</strong
                >{{ ' ' }}<span v-if="point.space" class="soft small">{{ point.space }}</span></span
              >
              <span v-if="point.place !== null" class="place">{{ point.place }}</span>
              <span v-else class="missing">
                {{ t(point.asset === null ? 'sheet.missingNote' : 'sheet.missing') }}
                <RouterLink
                  v-if="point.asset && mayWrite"
                  class="no-print"
                  :to="{ name: 'thing', params: { homeId, assetId: point.asset }, query: { tab: 'facts' } }"
                  >{{ t('sheet.say') }}<span class="unseen">: {{ nameOf(point) }}</span></RouterLink
                >
                <RouterLink v-else-if="mayWrite" class="no-print" :to="{ name: 'add', params: { homeId } }"
                  >{{ t('nav.page.add') }}<span class="unseen">: {{ nameOf(point) }}</span></RouterLink
                >
              </span>
              <span class="small how">{{ capital(howOf(point)) }}</span>
              <PhotoThumb
                v-if="photoOf(point.asset)"
                class="photo no-print"
                :address="address(photoOf(point.asset)?.id ?? '')"
                :width="photoOf(point.asset)?.width ?? 0"
                :height="photoOf(point.asset)?.height ?? 0"
                :alt="photoOf(point.asset)?.caption || nameOf(point)"
              />
              <RouterLink
                v-else-if="point.asset && mayWrite"
                class="small no-print"
                :to="{ name: 'thing', params: { homeId, assetId: point.asset }, query: { tab: 'papers' } }"
                >{{ t('thing.addPhoto') }}<span class="unseen">: {{ nameOf(point) }}</span></RouterLink
              >
            </li>
          </ul>
        </section>
        <section v-if="house && known" :aria-label="t('section.title')" class="section">
          <ShutoffDrawing :house="house" :known="known" :speech="speech" />
        </section>
      </template>
    </div>
  </div>
</template>

<style scoped>
.stands {
  margin: 0 0 var(--line);
}

@media print {
  .section {
    break-before: page;
  }
}

section + section {
  margin-top: var(--line);
}

.point {
  display: grid;
  grid-template-columns: 3fr 4fr 5fr;
  gap: 0 1rem;
  padding: 0.25rem 0;
}

.photo {
  grid-column: 1 / -1;
  width: 10rem;
}

.caution {
  padding-left: 0.5rem;
  border-left: 3px solid var(--rust);
  color: var(--rust);
}

.caution + ul {
  margin-top: 0.25rem;
}

.missing {
  color: var(--rust);
}

@media (max-width: 44rem) {
  .point {
    grid-template-columns: 1fr;
    padding: 0.5rem 0;
  }
}

/* One page, whatever the house has. */
@media print {
  section + section {
    margin-top: 3mm;
  }

  .sheet {
    font-size: 9.5pt;
    line-height: 1.3;
  }

  .column {
    margin-left: 0;
    padding-left: 0;
    border-left: 0;
  }

  .sheet > header {
    padding-left: 0;
    margin-bottom: 3mm;
  }

  h2 {
    margin-bottom: 0;
    font-size: 11pt;
    line-height: 1.3;
  }

  .point {
    padding: 0.5mm 0;
  }
}
</style>
