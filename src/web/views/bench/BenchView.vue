<script setup lang="ts">
import { makeBody } from '../../../core/ledger/write/makeBody.ts';
import { computed, ref, watch } from 'vue';
import { useRoute, useRouter } from 'vue-router';
import Select from 'primevue/select';
import FieldRow from '../../kit/FieldRow.vue';
import { v7 as uuid } from 'uuid';
import { readingEntries } from '../../../core/readings/entriesOf.ts';
import { READINGS, readingOf } from '../../../core/readings/all.ts';
import { READING_SYSTEMS, type Reading } from '../../../core/readings/reading.ts';
import { edgesText, edgesTrait, schoolTrait, settledBy } from '../../../core/readings/settled.ts';
import type { Typed } from '../../../core/readings/typed.ts';
import type { FactValue } from '../../../core/basics/factValue.ts';
import { aboutText, schoolText } from '../../../locales/readings/readingText.ts';
import { loadCatalogue } from '../../catalogue.ts';
import { useErrorText } from '../../composables/useErrorText.ts';
import { askOutlook, useKnownForReading } from '../../composables/useKnownForReading.ts';
import { useReadings } from '../../composables/useReadings.ts';
import { useSaying } from '../../composables/useSaying.ts';
import { useWriting } from '../../composables/useWriting.ts';
import { waitsText } from '../../composables/waitsText.ts';
import { useHome } from '../../stores/home.ts';
import BenchSheet from './BenchSheet.vue';

/** Every reading and sum without logging. What stands in the fields stands in the address, so that it can be passed on. */
const route = useRoute();
const router = useRouter();
const home = useHome();
const { speech, measures, traits, known: body, loadKnown } = useReadings();
const outlook = ref<Awaited<ReturnType<typeof askOutlook>>>([]);
const known = useKnownForReading(body, outlook, ref(null), ref([]));
const { write } = useWriting();
const { tell, tellBody } = useErrorText();
const t = computed(() => speech.value.t);
const homeId = computed(() => (typeof route.params['homeId'] === 'string' ? route.params['homeId'] : null));
const busy = ref(false);
const say = useSaying();
/** Why it is not known what this home has settled; empty where it is. */
const unknownHere = ref('');

const reading = computed(
  (): Reading => readingOf(String(route.params['code'] ?? '')) ?? (READINGS[0] as Reading),
);
const fromAddress = (): Typed =>
  Object.fromEntries(
    Object.entries(route.query).flatMap(([code, text]) =>
      typeof text === 'string' && code !== 'school' ? [[code, text]] : [],
    ),
  );
const typed = ref<Typed>(fromAddress());
const school = ref(typeof route.query['school'] === 'string' ? route.query['school'] : '');

const settled = computed(() => settledBy(reading.value, traits.value));
const groups = computed(() =>
  READING_SYSTEMS.map((system) => ({
    system,
    readings: READINGS.filter((one) => one.system === system).map(({ code }) => ({
      code,
      title: aboutText(speech.value, code).title,
    })),
  })),
);
/** The same for the list of a phone. */
const listed = computed(() =>
  groups.value.map(({ system, readings }) => ({
    label: t.value(`bench.systems.${system}`),
    items: readings,
  })),
);
const query = computed(() => ({
  ...Object.fromEntries(Object.entries(typed.value).filter(([, text]) => text !== '')),
  ...(school.value !== '' && { school: school.value }),
}));
const address = computed(() => {
  const { href } = router.resolve({
    name: 'open-bench',
    params: { code: reading.value.code },
    query: query.value,
  });
  return `${location.origin}${href}`;
});

const toReading = (code: string) => ({
  name: homeId.value === null ? 'open-bench' : 'bench',
  params: { ...(homeId.value !== null && { homeId: homeId.value }), code },
});

watch(query, (now) => {
  void router.replace({ ...toReading(reading.value.code), query: now });
});
watch(
  () => reading.value.code,
  () => {
    typed.value = fromAddress();
    school.value = typeof route.query['school'] === 'string' ? route.query['school'] : '';
  },
);

void start();
async function start(): Promise<void> {
  await loadCatalogue().catch(() => undefined);
  if (homeId.value === null) return;
  try {
    await Promise.all([home.load(homeId.value), loadKnown(homeId.value)]);
    outlook.value = await askOutlook(homeId.value);
  } catch (error) {
    // The calculators work without a connection. What the home has settled is then not known, and the page says so.
    unknownHere.value = tell(error).text;
  }
}

async function settle(trait: string, value: FactValue, text: string): Promise<void> {
  if (busy.value || homeId.value === null || home.on === null) return;
  busy.value = true;
  try {
    const { outcome } = await write([{ date: home.on, body: makeBody('trait', { trait, value }) }], text);
    if (outcome.kind === 'refused') say({ text: tellBody(outcome.error).text, wrong: true });
    else {
      if (outcome.kind === 'delivered') await loadKnown(homeId.value);
      say({ text });
    }
  } catch (error) {
    say({ text: tell(error).text, wrong: true });
  } finally {
    busy.value = false;
  }
}

/** Writes the result into the record as a measurement of a thing, with what it leads to. */
async function record(asset: string, answer: Parameters<typeof readingEntries>[2]): Promise<void> {
  if (busy.value || homeId.value === null || home.on === null) return;
  busy.value = true;
  const text = t.value('bench.recorded');
  try {
    const entries = readingEntries(reading.value, asset, answer, { date: home.on, makeId: uuid });
    const { outcome } = await write(entries, text);
    if (outcome.kind === 'refused') say({ text: tellBody(outcome.error).text, wrong: true });
    else {
      say({ text: `${text}${waitsText(t.value, outcome)}` });
      typed.value = {};
      if (outcome.kind === 'delivered') await loadKnown(homeId.value);
    }
  } catch (error) {
    say({ text: tell(error).text, wrong: true });
  } finally {
    busy.value = false;
  }
}

const keepSchool = (code: string): Promise<void> =>
  settle(
    schoolTrait(reading.value.code),
    code,
    t.value('bench.schoolKept', { school: schoolText(speech.value, code) }),
  );
const keepEdges = (band: string, edges: number[] | null): Promise<void> =>
  settle(edgesTrait(reading.value.code, band), edges && edgesText(edges), t.value('bench.edgesKept'));
</script>

<template>
  <div class="sheet">
    <header>
      <h1>{{ t('bench.title') }}</h1>
      <p class="soft">{{ t('bench.lead') }}</p>
    </header>
    <div class="bench">
      <nav class="index no-print" :aria-label="t('bench.index')">
        <section v-for="group in groups" :key="group.system">
          <h2>{{ t(`bench.systems.${group.system}`) }}</h2>
          <ul>
            <li v-for="one in group.readings" :key="one.code">
              <RouterLink
                :to="toReading(one.code)"
                :aria-current="one.code === reading.code ? 'page' : undefined"
                >{{ one.title }}</RouterLink
              >
            </li>
          </ul>
        </section>
      </nav>
      <FieldRow v-slot="{ id }" class="pick no-print" :label="t('bench.index')">
        <Select
          :model-value="reading.code"
          :options="listed"
          option-group-label="label"
          option-group-children="items"
          option-label="title"
          option-value="code"
          filter
          :input-id="id"
          :aria-label="t('bench.index')"
          @update:model-value="router.push(toReading($event))"
        />
      </FieldRow>
      <div class="work">
        <p v-if="unknownHere" class="notice wrong" role="status">{{ unknownHere }}</p>
        <BenchSheet
          :key="reading.code"
          v-model="typed"
          v-model:school="school"
          :reading="reading"
          :speech="speech"
          :measures="measures"
          :settled="settled"
          :known="homeId === null ? null : known"
          :may-settle="homeId !== null && home.mayWrite"
          :busy="busy"
          :address="address"
          @school="keepSchool"
          @edges="keepEdges"
          @record="record"
        />
      </div>
    </div>
  </div>
</template>

<style scoped>
.bench {
  display: grid;
  grid-template-columns: 13.5rem 1fr;
  gap: 0 1.5rem;
}

.index h2 {
  margin: calc(var(--line) * 0.75) 0 0;
  font-size: 1rem;
}

.index section:first-child h2 {
  margin-top: 0;
}

.index a {
  display: block;
  padding: 0.125rem 0;
  color: var(--ink);
  font-size: 0.9375rem;
  line-height: 1.25rem;
  text-decoration: none;
}

.index a:hover {
  text-decoration: underline;
}

.index a[aria-current] {
  box-shadow: inset 3px 0 var(--brine);
  padding-left: 0.5rem;
  font-weight: 600;
}

.work {
  min-width: 0;
  padding-left: 1.5rem;
  border-left: 3px double var(--rule);
}

.pick {
  display: none;
}

@media (max-width: 44rem) {
  .bench {
    display: block;
  }

  .index {
    display: none;
  }

  .pick {
    display: block;
    margin-bottom: var(--line);
  }

  .work {
    padding-left: 0;
    border-left: 0;
  }
}
</style>
