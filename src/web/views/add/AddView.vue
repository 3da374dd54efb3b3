<script setup lang="ts">
import { waitsText } from '../../composables/waitsText.ts';
import { makeBody } from '../../../core/ledger/write/makeBody.ts';
import { computed, ref, watch } from 'vue';
import { useRoute, useRouter } from 'vue-router';
import FormFoot from '../../kit/FormFoot.vue';
import PageState from '../../kit/PageState.vue';
import type { Addition, NewEntry } from '../../../contract/schemas.ts';
import { isCivilDate } from '../../../core/calendar/civilDate.ts';
import { NO_WEATHER } from '../../../core/climate/weather.ts';
import type { House } from '../../../core/house/house.ts';
import type { Entry, EntryBody } from '../../../core/ledger/entry.ts';
import { project } from '../../../core/schedule/project.ts';
import { lengthUnit } from '../../../core/units/quantity.ts';
import { shortReasonText } from '../../../locales/shortReason.ts';
import { sleepText } from '../../../locales/sleepText.ts';
import { dateText } from '../../../locales/speech.ts';
import { catalogue } from '../../catalogue.ts';
import { useForm } from '../../composables/useForm.ts';
import { useLoading } from '../../composables/useLoading.ts';
import { useSaying } from '../../composables/useSaying.ts';
import { useSpeech } from '../../composables/useSpeech.ts';
import { useHome } from '../../stores/home.ts';
import { useOutbox } from '../../stores/outbox.ts';
import { readDayDone } from '../../parts/typed/done.ts';
import { faultText } from '../../parts/typed/fields.ts';
import ThingFields from './ThingFields.vue';
import WorkFields from './WorkFields.vue';
import {
  emptyDraft,
  NONE,
  practicesFor,
  readAddition,
  readPractice,
  readTerms,
} from '../../parts/task/draft.ts';

/** Adds a thing with its units, and a duty kept on each of them. */
const route = useRoute();
const router = useRouter();
const home = useHome();
const outbox = useOutbox();
const speech = useSpeech();
const { busy, errorAt, show, refuse, submit } = useForm();
const homeId = String(route.params['homeId']);
const { state, load } = useLoading(() => home.load(homeId));

const t = computed(() => speech.value.t);
const draft = ref(emptyDraft());
const say = useSaying();
const kind = computed(() => {
  const { source, existing, kind: typed } = draft.value;
  return source === 'new' ? typed : (home.house?.assets.find(({ id }) => id === existing)?.kind ?? 'other');
});
const practice = computed(() => home.find(draft.value.practice));
const known = computed(() =>
  practicesFor(
    kind.value,
    [...(catalogue.value?.practices ?? []), ...(home.house?.practices ?? [])],
    home.house?.hidden ?? [],
  ),
);
const unit = computed(() => lengthUnit(home.house?.home.units ?? 'us'));

// A task chosen brings its usual school and doer with it.
watch(practice, (chosen) => {
  draft.value.school = chosen?.kind === 'duty' ? chosen.defaultSchool : '';
  draft.value.doer = chosen?.doers[0] ?? 'self';
  draft.value.factors = [];
});
watch(kind, () => {
  draft.value.practice = NONE;
});

/** The first date the terms as typed would give, worked out by the code that will give it. */
const preview = computed(() => {
  const { house, on } = home;
  if (!house || !on || draft.value.practice === NONE) return null;
  const kept = readPractice(draft.value);
  const terms = readTerms(draft.value, practice.value);
  if (!kept.ok || !terms.ok) return null;
  const trial: House = { ...house, duties: [{ id: 'trial', asset: 'trial', practice: kept.value }] };
  const around = { find: home.find, weather: NO_WEATHER };
  const entry = (id: string, date: typeof on, body: EntryBody): Entry => ({
    id,
    date,
    stampedAt: '',
    by: 'trial',
    body,
  });
  const entries = [entry('adopted', on, makeBody('adopted', { duty: 'trial', terms: terms.value }))];
  const { lastDone } = draft.value;
  if (isCivilDate(lastDone) && lastDone <= on)
    entries.push(entry('done', lastDone, makeBody('done', { duty: 'trial' })));
  const projected = safely(() => project(trial, entries, on, around).duties[0]);
  if (projected?.sleep) return sleepText(speech.value, projected.sleep);
  const occurrence = projected?.occurrence;
  if (!occurrence) return t.value('add.previewNone');
  const { due } = occurrence.window;
  const first = t.value('add.preview', {
    due: dateText(speech.value, due),
    distance: speech.value.formats.distance(on, due),
  });
  return `${first} ${shortReasonText(speech.value, occurrence.reasons)}.`;
});

/** Half-typed month-days have no date yet; the server names what is wrong with them when they are sent. */
function safely<T>(work: () => T): T | null {
  try {
    return work();
  } catch {
    return null;
  }
}

/** When each unit was last done, if that was typed, as entries to write after the addition. */
function doneBefore({ duties }: Addition): NewEntry[] {
  const { lastDone, ids } = draft.value;
  if (!isCivilDate(lastDone)) return [];
  return duties.flatMap(({ units }) =>
    units.map(({ duty }, index) => ({
      id: ids.unit(index).done,
      date: lastDone,
      body: makeBody('done', { duty }),
    })),
  );
}

const save = () =>
  submit(async () => {
    if (!home.on) return;
    const { lastDone } = draft.value;
    if (lastDone !== '') {
      const day = readDayDone(speech.value, lastDone, home.on);
      if (typeof day === 'object') return show(day.text, 'lastDone');
    }
    const read = readAddition(draft.value, home.on, unit.value, practice.value);
    if (!read.ok) return show(faultText(t.value, read.fault), read.fault.field);
    const label = draft.value.source === 'new' ? draft.value.name.trim() : t.value('add.title');
    const entries = doneBefore(read.value);
    const body = { ...read.value, ...(entries.length > 0 && { entries }) };
    const outcome = await outbox.send({ route: 'add', homeId, body, label });
    if (outcome.kind === 'refused') return refuse(outcome.error);
    say({
      text: `${t.value('add.added', { name: label })}${waitsText(t.value, outcome)}`,
      offer: {
        label: t.value('nav.today'),
        act: () => void router.push({ name: 'today', params: { homeId } }),
      },
    });
    draft.value = emptyDraft();
  });
</script>

<template>
  <div class="sheet">
    <header>
      <h1>{{ t('add.title') }}</h1>
      <p class="soft">{{ t('add.lead') }}</p>
    </header>
    <div class="column body">
      <PageState
        v-if="state.kind !== 'ready'"
        :state="state"
        :loading="t('shell.loading')"
        :again="t('shell.tryAgain')"
        @again="load"
      />
      <p v-else-if="!home.mayWrite" class="notice">{{ t('house.readOnly') }}</p>
      <form v-else-if="home.house" class="form" novalidate @submit.prevent="save">
        <ThingFields v-model="draft" :house="home.house" :unit="unit" :error-at="errorAt" />
        <WorkFields
          v-model="draft"
          :practice="practice"
          :practices="known"
          :speech="speech"
          :today="home.on ?? ''"
          :error-at="errorAt"
        />
        <p v-if="preview" class="notice" role="status" data-test="preview">{{ preview }}</p>
        <FormFoot :error="errorAt('')" :send="t('add.save')" :busy="busy" />
      </form>
    </div>
  </div>
</template>

<style scoped>
.body {
  max-width: 42rem;
}
</style>
