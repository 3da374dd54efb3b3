<script setup lang="ts">
import Button from 'primevue/button';
import { computed, ref } from 'vue';
import { useI18n } from 'vue-i18n';
import { useRoute } from 'vue-router';
import ContactList from '../../kit/ContactList.vue';
import PageState from '../../kit/PageState.vue';
import ShutList from '../../parts/season/ShutList.vue';
import type { HouseBody, StandingBody } from '../../../contract/schemas.ts';
import type { KnownBody } from '../../../contract/known.ts';
import { emergencyPoints, POINT_GROUPS, type EmergencyPoint } from '../../../core/house/emergencyPoints.ts';
import { capital, type Speech } from '../../../locales/speech.ts';
import { catalogue, loadCatalogue } from '../../catalogue.ts';
import { practiceTitle } from '../../../locales/practiceText.ts';
import { NoConnection } from '../../device/errors.ts';
import { ask } from '../../device/ask.ts';
import { keptSheets } from '../../device/keptSheets.ts';
import { useLoading } from '../../composables/useLoading.ts';
import { useSpeech } from '../../composables/useSpeech.ts';
import { useSession } from '../../stores/session.ts';
import { knownAssets } from '../../parts/thing/knownAssets.ts';

/** The shutoffs, where and how to close them, and whom to call: one page to print, and to open without a signal. */
const route = useRoute();
const session = useSession();
const speech = useSpeech();
/** Opened first, only this page knows the house whose tasks it names. */
const sheetSpeech = computed((): Speech => {
  const body = house.value;
  if (!body || !catalogue.value) return speech.value;
  const own: Speech = { ...speech.value, find: catalogue.value.finderWith(body.practices ?? []) };
  const titleOf = (id: string): string => {
    const duty = body.duties.find((one) => one.id === id);
    return duty ? practiceTitle(own, duty.practice) : id;
  };
  return { ...own, dutyTitle: titleOf };
});
const t = computed(() => speech.value.t);
const { locale } = useI18n({ useScope: 'global' });
const homeId = String(route.params['homeId']);
const house = ref<HouseBody | null>(null);
const known = ref<KnownBody | null>(null);
const standing = ref<StandingBody | null>(null);
/** Since when what is shown has been kept here; null where it was read just now. */
const keptAt = ref<string | null>(null);
const absent = ref(false);

const { state, load } = useLoading(async () => {
  try {
    const [body, facts, stands] = await Promise.all([
      ask('house', { params: { homeId } }),
      ask('known', { params: { homeId } }),
      ask('standing', { params: { homeId } }),
    ]);
    standing.value = stands;
    house.value = body;
    known.value = facts;
    keptAt.value = null;
    const personId = session.me?.personId;
    if (personId !== undefined)
      keptSheets.keep(homeId, {
        version: 2,
        personId,
        keptAt: new Date().toISOString(),
        house: body,
        known: facts,
        standing: stands,
      });
    // Only titles of tasks hang on it: without it they are named by their ids, and the sheet stands.
    await loadCatalogue().catch(() => undefined);
  } catch (error) {
    if (!(error instanceof NoConnection)) throw error;
    const kept = keptSheets.find(homeId, session.me?.personId ?? null);
    absent.value = kept === null;
    house.value = kept?.house ?? null;
    known.value = kept?.known ?? null;
    standing.value = kept?.standing ?? null;
    keptAt.value = kept?.keptAt ?? null;
    if (kept) locale.value = kept.house.home.vocabulary;
  }
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
const mayWrite = computed(
  () => house.value !== null && house.value.role !== 'viewer' && keptAt.value === null,
);

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
      <p v-if="keptAt && house" class="notice" role="status">
        {{ t('sheet.asOf', { when: speech.formats.instant(keptAt, house.home.zone) }) }}
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
      <p v-else-if="absent" class="notice">{{ t('sheet.none') }}</p>
      <template v-else>
        <ShutList
          v-if="house && standing"
          class="stands"
          :lines="standing.lines"
          :marks="standing.marks"
          :house="house"
          :speech="sheetSpeech"
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
            :to="{ name: 'thing', params: { homeId, assetId: houseAsset.id } }"
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
                  :to="{ name: 'thing', params: { homeId, assetId: point.asset } }"
                  >{{ t('sheet.say') }}<span class="unseen">: {{ nameOf(point) }}</span></RouterLink
                >
                <RouterLink v-else-if="mayWrite" class="no-print" :to="{ name: 'add', params: { homeId } }"
                  >{{ t('nav.page.add') }}<span class="unseen">: {{ nameOf(point) }}</span></RouterLink
                >
              </span>
              <span class="small how">{{ capital(howOf(point)) }}</span>
            </li>
          </ul>
        </section>
      </template>
    </div>
  </div>
</template>

<style scoped>
.stands {
  margin: 0 0 var(--line);
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
