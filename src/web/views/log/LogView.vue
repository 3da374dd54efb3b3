<script setup lang="ts">
import Button from 'primevue/button';
import InputText from 'primevue/inputtext';
import { computed, defineAsyncComponent, nextTick, ref, useTemplateRef, watch } from 'vue';
import { useRoute } from 'vue-router';
import PageState from '../../kit/PageState.vue';
import type { KnownBody } from '../../../contract/known.ts';
import type { CivilDate } from '../../../core/calendar/civilDate.ts';
import { readSentence } from '../../../core/logging/typedSentence.ts';
import { makeBody } from '../../../core/ledger/write/makeBody.ts';
import { currencyDigits } from '../../../locales/format.ts';
import { dateText } from '../../../locales/speech.ts';
import { ask } from '../../device/ask.ts';
import { useLoading } from '../../composables/useLoading.ts';
import { usePhotos } from '../../composables/usePhotos.ts';
import { useSpeech } from '../../composables/useSpeech.ts';
import type { Sent } from '../../composables/useWriting.ts';
import { catalogue } from '../../catalogue.ts';
import { lineOfUnit, type Line } from '../../parts/task/lines.ts';
import { useHome } from '../../stores/home.ts';
import KindTiles from './KindTiles.vue';
import LogPhoto from './LogPhoto.vue';
import LogRow from './LogRow.vue';
import NoteForm from './NoteForm.vue';
import SeasonStateList from './SeasonStateList.vue';
import { LOG_KINDS, type LogDraft, type LogKind, type Noted } from './draft.ts';
import { logHits, type LogHit } from './logHits.ts';
import { isPlain, useLogActs, type Said } from './useLogActs.ts';

const LogDialog = defineAsyncComponent(() => import('../../parts/task/LogDialog.vue'));

/** Everything that was done, seen, measured, bought or shut is logged here: typed in a few words, or by its kind. */
const route = useRoute();
const home = useHome();
const speech = useSpeech();
const t = computed(() => speech.value.t);
const homeId = String(route.params['homeId']);
const acts = useLogActs(speech);
const { busy } = acts;
const photos = usePhotos(homeId);
const known = ref<KnownBody | null>(null);
const { state, load } = useLoading(async () => {
  const [, standing, knows] = await Promise.all([
    home.load(homeId),
    ask('standing', { params: { homeId } }),
    ask('known', { params: { homeId } }),
  ]);
  home.standing = standing;
  known.value = knows;
});
const today = computed(() => home.on ?? speech.value.today);

const typed = ref('');
const sentence = computed(() =>
  readSentence(typed.value, {
    today: today.value,
    order: speech.value.wording.vocabulary === 'en-GB' ? 'day-first' : 'month-first',
    digits: currencyDigits(home.house?.home.currency ?? 'USD'),
  }),
);
const said = computed((): Said => ({ date: sentence.value.date ?? today.value, cost: sentence.value.cost }));
const lastDone = (dutyId: string): CivilDate | undefined => known.value?.lastDone[dutyId];
const hits = computed(() => {
  const { house } = home;
  if (house === null || sentence.value.search === '') return [];
  return logHits(sentence.value.search, {
    house,
    rows: home.rows,
    on: today.value,
    lastDone,
    lines: home.standing?.lines ?? [],
    practices: catalogue.value?.practices ?? [],
    speech: speech.value,
  });
});
/** The day and the cost that were understood, as they will be saved. */
const understood = computed(() => {
  const { date, cost } = sentence.value;
  const { house } = home;
  return [
    date === null
      ? ''
      : `${dateText(speech.value, date)}, ${speech.value.formats.distance(today.value, date)}`,
    cost === null || !house ? '' : speech.value.formats.money(cost, house.home.currency),
  ].filter(Boolean);
});

const photo = ref<string | null>(null);
const logging = ref<Line | null>(null);
const textOf = (value: unknown): string | undefined => (typeof value === 'string' ? value : undefined);
const kindIn = (value: unknown): LogKind | null => LOG_KINDS.find((one) => one === value) ?? null;
/** The form that is open; one asked for by the address to begin with. */
const form = ref<LogDraft | null>(null);
const formPlace = useTemplateRef('formPlace');
/** A new form after each entry that was taken. */
const forms = ref(0);
function openForm(draft: LogDraft | null): void {
  form.value = draft;
  forms.value += 1;
}
const asked = kindIn(route.query['kind']);
if (asked)
  openForm({
    kind: asked,
    thing: textOf(route.query['thing']),
    measurement: textOf(route.query['measurement']),
  });

async function chooseKind(kind: LogKind): Promise<void> {
  // A photo alone is a note too; its words can be changed.
  const words = kind === 'text' && photo.value !== null ? t.value('findings.photoShow') : undefined;
  openForm({ kind, note: words, photo: photo.value, date: said.value.date });
  await nextTick();
  formPlace.value?.scrollIntoView({ block: 'nearest' });
}

function begin(hit: LogHit, turn: 'shut' | 'opened' | null): void {
  if (hit.kind === 'form') openForm({ ...hit.draft, photo: photo.value, date: said.value.date });
  else if (hit.kind === 'season') turnHit(hit, turn ?? 'shut');
  else if (isPlain(hit, said.value.date)) void logTask(hit);
  else if (hit.unit) logging.value = lineOfUnit(hit.unit, home.find);
}

async function logTask(hit: Extract<LogHit, { kind: 'task' }>): Promise<void> {
  const name = home.house?.assets.find(({ id }) => id === hit.asset)?.name ?? '';
  const { date } = said.value;
  if (!(await acts.done(hit, said.value, name))) return;
  if (known.value && (lastDone(hit.dutyId) ?? '') < date)
    known.value = { ...known.value, lastDone: { ...known.value.lastDone, [hit.dutyId]: date } };
  await taken(hit.asset);
}

function turnHit({ line, title }: Extract<LogHit, { kind: 'season' }>, kind: 'shut' | 'opened'): void {
  void turnSeason(line.asset, line.state, kind, t.value(`note.said.${kind}`, { what: title }));
}

/** Writes that something is shut for the season, or open; `text`: what is said of it. */
async function turnSeason(
  asset: string,
  state: string,
  kind: 'shut' | 'opened',
  text: string,
): Promise<void> {
  if (await acts.send([{ date: today.value, body: makeBody(kind, { asset, state }) }], text))
    await taken(asset);
}

/** Something was logged: the photo goes to its thing, and the page is ready for the next. */
async function taken(asset: string | undefined): Promise<void> {
  typed.value = '';
  form.value = form.value?.kind === 'season' ? form.value : null;
  logging.value = null;
  const sent = photo.value;
  photo.value = null;
  if (sent !== null && asset !== undefined) await photos.placeById(sent, asset);
}

async function note({ entries, label }: Noted): Promise<void> {
  const [first] = entries;
  if (await acts.send(entries, label))
    await taken(first && 'asset' in first.body ? first.body.asset : undefined);
}

/** A photo that belongs to nothing in particular is a note. */
const saveNote = (): void => {
  openForm({ kind: 'text', note: sentence.value.search, photo: photo.value, date: said.value.date });
};
const saveProblem = (): void => {
  const { house } = home;
  const whole = house?.assets.find(({ kind }) => kind === 'house');
  openForm({
    kind: 'finding',
    what: sentence.value.search,
    thing: whole?.id,
    photo: photo.value,
    date: said.value.date,
  });
};
function logged(sent: Sent, text: string): void {
  if (acts.written(sent, text)) void taken(logging.value?.units[0]?.asset.id);
}
// Other words are another thing to log.
watch(typed, () => {
  if (typed.value !== '') form.value = null;
});
</script>

<template>
  <div class="sheet log">
    <header>
      <h1>{{ t('log.page') }}</h1>
    </header>
    <PageState
      v-if="state.kind !== 'ready'"
      :state="state"
      :loading="t('shell.loading')"
      :again="t('shell.tryAgain')"
      @again="load"
    />
    <p v-else-if="!home.mayWrite" class="notice">{{ t('today.readOnly') }}</p>
    <template v-else-if="home.house">
      <div class="first">
        <InputText
          v-model="typed"
          class="typed"
          type="search"
          data-test="typed"
          :aria-label="t('log.typed')"
          :placeholder="t('log.typed')"
          aria-describedby="log-hint"
          autocomplete="off"
          maxlength="200"
        />
        <LogPhoto v-model="photo" :home-id="homeId" :speech="speech" />
      </div>
      <p id="log-hint" class="soft small">
        {{ understood.length > 0 ? t('log.understood', { what: understood.join(' · ') }) : t('log.hint') }}
      </p>
      <ul v-if="sentence.search !== '' && form === null" class="ruled" :aria-label="t('log.found')">
        <LogRow v-for="hit in hits" :key="hit.key" :hit="hit" :speech="speech" :busy="busy" @act="begin" />
        <li class="else">
          <Button
            text
            data-act="as-problem"
            :label="t('log.asProblem', { text: sentence.search })"
            @click="saveProblem"
          />
          <Button
            text
            data-act="as-note"
            :label="t('log.asNote', { text: sentence.search })"
            @click="saveNote"
          />
        </li>
      </ul>
      <template v-else>
        <h2>{{ t('log.else') }}</h2>
        <KindTiles
          :speech="speech"
          :chosen="form?.kind ?? null"
          :add="{ name: 'add', params: { homeId } }"
          @choose="chooseKind"
        />
      </template>
      <div ref="formPlace" class="form-place">
        <SeasonStateList
          v-if="form?.kind === 'season'"
          :lines="home.standing?.lines ?? []"
          :house="home.house"
          :speech="speech"
          :today="today"
          may-write
          :busy="busy"
          @turn="turnSeason"
        />
        <NoteForm
          v-else-if="form"
          :key="forms"
          :house="home.house"
          :speech="speech"
          :today="today"
          :busy="busy"
          :preset="form"
          @note="note"
          @cancel="form = null"
        />
      </div>
    </template>
    <LogDialog
      v-if="logging"
      :line="logging"
      :day="said.date"
      :paid="said.cost"
      @close="logging = null"
      @written="logged"
    />
  </div>
</template>

<style scoped>
.log > * {
  max-width: 46rem;
}

.first {
  display: flex;
  gap: 0.5rem;
  align-items: flex-start;
}

.typed {
  flex: 1;
  min-height: 2.75rem;
  font-size: 1.125rem;
}

h2 {
  margin-top: var(--line);
}

.else {
  display: flex;
  flex-wrap: wrap;
  gap: 0 1rem;
  padding: 0.25rem 0;
}

.form-place {
  margin-top: var(--line);
}

@media (max-width: 44rem) {
  /* The camera stands first where there is one. */
  .first {
    flex-direction: column-reverse;
    align-items: stretch;
  }

  .typed {
    flex: none;
  }
}
</style>
