<script setup lang="ts">
import InputText from 'primevue/inputtext';
import Checkbox from 'primevue/checkbox';
import Button from 'primevue/button';
import { computed, reactive, ref, watch } from 'vue';
import { useRoute } from 'vue-router';
import ChoiceField from '../../kit/ChoiceField.vue';
import LazyDrawing from '../../drawings/LazyDrawing.vue';
import PageState from '../../kit/PageState.vue';
import ReadingFields from '../../kit/ReadingFields.vue';
import { isCivilDate } from '../../../core/calendar/civilDate.ts';
import { drawingsOfPractice } from '../../../core/catalogue/drawings/ofPractice.ts';
import { readingOf } from '../../../core/readings/all.ts';
import { judge } from '../../../core/readings/reading.ts';
import { readingsAsked } from '../../../core/readings/recorded.ts';
import { settledBy } from '../../../core/readings/settled.ts';
import { readTyped, type Typed, type TypedProblem } from '../../../core/readings/typed.ts';
import { isSettled, stateOf, withItem, type ItemState, type RunState } from '../../../core/runs/runState.ts';
import { aboutText } from '../../../locales/readings/readingText.ts';
import { words } from '../../../locales/speech.ts';
import { stepsInWords } from '../../../locales/stepText.ts';
import { useErrorText } from '../../composables/useErrorText.ts';
import { useSaying } from '../../composables/useSaying.ts';
import { isFault, readWhole } from '../../parts/typed/fields.ts';
import { stopTyped } from './stopTyped.ts';
import { itemThings, itemTitle, practiceOf } from './runHouse.ts';
import { useRunPage } from './useRunPage.ts';

/** A run as a check sheet on paper, and the one screen on which what the pen wrote is typed in. */
const route = useRoute();
const homeId = String(route.params['homeId']);
const runId = String(route.params['runId']);
const { home, run, readings, state, load } = useRunPage(homeId, runId);
const { speech, measures, traits } = readings;
const { tell } = useErrorText();
const t = computed(() => speech.value.t);
const say = useSaying();
const busy = ref(false);

interface Row {
  done: boolean;
  date: string;
  minutes: string;
  note: string;
  readings: Record<string, Typed>;
}
interface Problem {
  readonly field: string;
  readonly problem: TypedProblem;
  readonly limit?: number;
}
const typed = reactive<Record<string, Row>>({});
const problems = ref<Record<string, readonly Problem[]>>({});
const bad = ref<readonly string[]>([]);
/** Who held the pen; left open, each piece keeps who it says. */
const who = ref('');

watch(
  [() => run.state.value.items, () => home.on],
  ([items, on]) => {
    for (const { key } of items) {
      const known = stateOf(run.state.value, key);
      typed[key] ??= {
        done: known.status === 'done',
        date: known.date ?? on ?? '',
        minutes: known.minutes === null ? '' : String(known.minutes),
        note: known.note,
        readings: {},
      };
    }
  },
  { immediate: true },
);

const kindOf = (asset: string | undefined) =>
  home.house?.assets.find(({ id }) => id === asset)?.kind ?? 'other';
const rows = computed(() => {
  const { house } = home;
  if (!house) return [];
  return run.state.value.items.map((item) => {
    const practice = practiceOf(item, null, home.find);
    const measuresRead = (practice?.steps ?? []).flatMap(({ reads }, step) =>
      reads.map((measure) => ({ step, measure })),
    );
    return {
      item,
      title: itemTitle(item, house, speech.value),
      things: itemThings(item, house, speech.value),
      steps: stepsInWords(
        speech.value,
        (practice?.steps ?? []).filter((one) => one.at !== 'later'),
      ),
      drawing: drawingsOfPractice(practice?.code ?? '')[0] ?? null,
      settled: isSettled(stateOf(run.state.value, item.key)),
      readings: measuresRead.flatMap(({ step, measure }) => {
        const code = readingsAsked(measure, kindOf(item.assets[0]))[0];
        const reading = code === undefined ? undefined : readingOf(code);
        return reading ? [{ id: `${item.key} ${step} ${reading.code}`, step, reading }] : [];
      }),
    };
  });
});
type Shown = (typeof rows.value)[number];
/** The drawings of all its work, each once: on paper they follow on sheets of their own. */
const drawings = computed(() => [...new Set(rows.value.flatMap(({ drawing }) => drawing ?? []))]);

/** The typed values of one item, as the run stores them; null where a field is wrong, which is then marked. */
function stateTyped(
  { item, readings: read }: Shown,
  found: Record<string, readonly Problem[]>,
): Partial<ItemState> | null {
  const row = typed[item.key];
  if (!row || !home.on) return {};
  const minutes = readWhole(row.minutes);
  const taken: ItemState['readings'] = [];
  let right = !isFault(minutes) && isCivilDate(row.date) && row.date <= home.on;
  for (const { id, step, reading } of read) {
    const text = row.readings[id] ?? {};
    if (Object.values(text).every((one) => one.trim() === '')) continue;
    const { given, problems: unread } = readTyped(reading, text, measures.value);
    const answer = judge(reading, given, settledBy(reading, traits.value));
    const wrong: Problem[] = [...unread, ...('problems' in answer ? answer.problems : [])];
    found[id] = wrong.filter(({ field }, place) => wrong.findIndex((one) => one.field === field) === place);
    if (wrong.length > 0) right = false;
    else
      taken.push({
        step,
        asset: item.assets[0] ?? '',
        reading: reading.code,
        given: Object.fromEntries(
          Object.entries(given).filter(([, value]) => value !== undefined),
        ) as ItemState['readings'][number]['given'],
        date: isCivilDate(row.date) ? row.date : home.on,
      });
  }
  if (!right || isFault(minutes) || !isCivilDate(row.date)) return null;
  return {
    ...(row.done && { status: 'done' as const }),
    date: row.date,
    minutes,
    note: row.note.trim(),
    ...(who.value !== '' && { who: who.value }),
    ...(taken.length > 0 && { readings: taken }),
  };
}

async function save(): Promise<void> {
  if (busy.value) return;
  const found: Record<string, readonly Problem[]> = {};
  const wrong: string[] = [];
  let next: RunState = { ...run.state.value, begun: true };
  for (const row of rows.value) {
    if (row.settled) continue;
    const changed = stateTyped(row, found);
    if (changed === null) wrong.push(row.item.key);
    else {
      const { status, readings: read = [], minutes = null, note = '' } = changed;
      const touched = status === 'done' || read.length > 0 || minutes !== null || note !== '';
      if (touched)
        next = {
          ...withItem(next, row.item.key, changed),
          stop: next.stop ?? stopTyped(row.item, changed, traits.value),
        };
    }
  }
  problems.value = found;
  bad.value = wrong;
  if (wrong.length > 0) return say({ text: t.value('run.sheet.bad'), wrong: true });
  busy.value = true;
  try {
    const saved = await run.put(next);
    say({ text: t.value(saved === 'elsewhere' ? 'run.elsewhere' : 'run.sheet.saved') });
  } catch (error) {
    say({ text: tell(error).text, wrong: true });
  } finally {
    busy.value = false;
  }
}

const print = (): void => {
  window.print();
};
</script>

<template>
  <div class="sheet paper">
    <header>
      <h1>{{ t('run.sheet.title', { title: words(speech, run.state.value.title) }) }}</h1>
      <p class="soft">
        {{ t('run.sheet.lead') }}
        <Button text class="no-print" @click="print">{{ t('shell.print') }}</Button>{{ ' '
        }}<RouterLink class="no-print" :to="{ name: 'run', params: { homeId, runId } }">{{
          t('run.sheet.toRun')
        }}</RouterLink>
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
      <form v-else novalidate @submit.prevent="save">
        <ChoiceField
          v-model="who"
          class="who"
          :class="{ empty: who === '' }"
          :label="t('log.who')"
          :options="[
            { value: '', label: t('log.whoNone') },
            ...(home.house?.people ?? []).map((person) => ({ value: person.id, label: person.name })),
          ]"
        />
        <ol class="ruled">
          <li
            v-for="row in rows"
            :key="row.item.key"
            :data-sheet-item="row.item.practice"
            :class="{ settled: row.settled }"
          >
            <template v-if="typed[row.item.key]">
              <p class="title">
                <label>
                  <Checkbox v-model="typed[row.item.key]!.done" binary :disabled="row.settled" />{{
                    row.title
                  }}
                </label>
                <span class="soft small">{{ row.things }}</span>
              </p>
              <ul class="small steps">
                <li v-for="(step, place) in row.steps" :key="place">
                  <template v-for="caution in step.cautions" :key="caution"
                    ><span class="caution">{{ caution }}</span
                    >{{ ' ' }}</template
                  >{{ step.says }}
                </li>
              </ul>
              <div class="fill">
                <label class="short"
                  >{{ t('run.sheet.day')
                  }}<InputText
                    v-model="typed[row.item.key]!.date"
                    type="date"
                    :max="home.on ?? ''"
                    :aria-invalid="bad.includes(row.item.key)"
                /></label>
                <label class="short"
                  >{{ t('run.sheet.minutes')
                  }}<InputText
                    v-model="typed[row.item.key]!.minutes"
                    inputmode="numeric"
                    :aria-invalid="bad.includes(row.item.key)"
                /></label>
                <label class="long"
                  >{{ t('run.sheet.note') }}<InputText v-model="typed[row.item.key]!.note"
                /></label>
              </div>
              <fieldset v-for="one in row.readings" :key="one.id" class="small">
                <legend>{{ aboutText(speech, one.reading.code).title }}</legend>
                <ReadingFields
                  :model-value="typed[row.item.key]!.readings[one.id] ?? {}"
                  :standing="typed[row.item.key]!.readings[one.id] ?? {}"
                  :reading="one.reading"
                  :speech="speech"
                  :measures="measures"
                  :problems="problems[one.id] ?? []"
                  @update:model-value="typed[row.item.key]!.readings[one.id] = $event"
                />
              </fieldset>
            </template>
          </li>
        </ol>
        <section v-if="drawings.length > 0" class="print-only drawings">
          <h2>{{ t('drawings.ofSheet') }}</h2>
          <LazyDrawing v-for="name in drawings" :key="name" :name="name" :wording="speech.wording" />
        </section>
        <p class="no-print">
          <Button type="submit" :disabled="busy || !home.mayWrite" data-act="save-sheet">
            {{ t('run.sheet.save') }}
          </Button>
        </p>
      </form>
    </div>
  </div>
</template>

<style scoped>
.who {
  max-width: 20rem;
  margin-bottom: calc(var(--line) / 2);
}

.title {
  display: flex;
  flex-wrap: wrap;
  gap: 0 1rem;
  font-weight: 600;
}

li {
  padding: 0.25rem 0;
  break-inside: avoid;
}

.steps li {
  display: inline;
}

.steps li::before {
  content: '☐ ';
}

.steps li + li {
  margin-left: 0.75rem;
}

.caution {
  color: var(--rust);
}

@media print {
  .drawings {
    display: grid !important;
    grid-template-columns: repeat(3, 1fr);
    gap: 1rem;
    break-before: page;
  }

  .drawings h2 {
    grid-column: 1 / -1;
    margin: 0;
  }
}

.fill {
  display: flex;
  flex-wrap: wrap;
  gap: 0.25rem 1rem;
}

.fill label {
  flex: 1 1 7rem;
}

.fill .long {
  flex: 4 1 16rem;
}

.settled {
  color: var(--soft);
}

@media print {
  .paper {
    font-size: 8pt;
    line-height: 1.25;
  }

  .column {
    margin-left: 0;
    padding-left: 0;
    border-left: 0;
  }

  /* Words and the line to write on stand beside one another: a whole round on few sheets. */
  .who,
  .fill label,
  fieldset :deep(.fields > div) {
    display: flex;
    align-items: baseline;
    gap: 0.5rem;
  }

  input:not([type='checkbox']),
  fieldset :deep(input:not([type='checkbox'])),
  fieldset :deep(select),
  .who :deep(select) {
    min-height: 1.25rem;
    padding: 0;
    border-width: 0 0 1px;
    appearance: none;
  }

  .small,
  .paper :deep(.small) {
    font-size: inherit;
  }

  .who.empty :deep(select) {
    color: transparent;
  }

  input::-webkit-calendar-picker-indicator {
    display: none;
  }

  li {
    padding: 0.5mm 0;
  }

  fieldset :deep(.fields) {
    grid-template-columns: repeat(auto-fit, minmax(58mm, 1fr));
    gap: 0.5mm 3mm;
  }

  .fill label,
  .who :deep(label) {
    white-space: nowrap;
  }

  fieldset :deep(label) {
    font-weight: 400;
  }

  fieldset :deep(.fields > div > :is(input, select)) {
    flex: 1 0 14mm;
    width: auto;
    min-width: 0;
  }

  /* A hint on how a field is typed is of no use to a pen. */
  fieldset :deep(.fields p) {
    display: none;
  }

  /* The day, and which it was, are the pen's to say. */
  li:not(.settled) input[type='date'],
  li:not(.settled) fieldset :deep(select) {
    color: transparent;
  }
}
</style>
