<script setup lang="ts">
import { Printer, RefreshCw, Undo2 } from 'lucide-vue-next';
import Button from 'primevue/button';
import SelectButton from 'primevue/selectbutton';
import { useMediaQuery } from '@vueuse/core';
import { computed, ref } from 'vue';
import { tryMove } from '../../../core/planning/tryMove.ts';
import { plannedName, triedText, weekDate } from '../../../locales/planText.ts';
import PageState from '../../kit/PageState.vue';
import PlanNotices from '../../parts/plan/PlanNotices.vue';
import PlanTask from '../../parts/plan/PlanTask.vue';
import { usePlanPage } from '../../parts/plan/usePlanPage.ts';
import type { Mark } from './marks.ts';
import { rowsOf } from './marks.ts';
import { BEHIND, type Stretch } from './sheetScale.ts';
import MonthTable from './MonthTable.vue';
import PlanList from '../../parts/plan/PlanList.vue';
import YearSheet from './YearSheet.vue';

/** The year ahead on one sheet, from the whole year down to a month; on a phone and for a screen reader as a list. */
const { home, speech, t, plan, placing, state, load, putOne, noticeProps, listProps, isEmpty } =
  usePlanPage();
const { shown, progress, placings } = plan;
const { busy, place, letGo, undoLast } = placing;

const isWide = useMediaQuery('(min-width: 44rem)');
const SPANS = { year: 53, season: 13, month: 5 } as const;
type Span = keyof typeof SPANS;
const span = ref<Span>('year');
const first = ref(0);
const spans = computed(() =>
  (Object.keys(SPANS) as Span[]).map((value) => ({ value, label: t.value(`plan.span.${value}`) })),
);
const stretch = computed((): Stretch =>
  span.value === 'year'
    ? { from: -BEHIND, count: SPANS.year + BEHIND }
    : { from: first.value, count: SPANS[span.value] },
);
const step = (by: number): void => {
  const count = SPANS[span.value];
  first.value = Math.min(SPANS.year - count, Math.max(0, first.value + by * (count - 1)));
};

const chosenKey = ref<string | null>(null);
const trying = ref<number | null>(null);
const marks = computed(() => (shown.value ? rowsOf(shown.value).flatMap((row) => row.marks) : []));
const chosen = computed(() => marks.value.find(({ key }) => key === chosenKey.value) ?? null);

function choose(mark: Mark): void {
  if (chosenKey.value !== mark.key) trying.value = null;
  chosenKey.value = mark.key;
}
function tryAt(mark: Mark, week: number): void {
  chosenKey.value = mark.key;
  trying.value = week === mark.week ? null : week;
}
const leave = (): void => {
  trying.value = null;
};

/** The consequences of the chosen mark standing where it is held. */
const tried = computed(() => {
  const [now, mark, week] = [shown.value, chosen.value, trying.value];
  if (!now || !mark || week === null) return null;
  const at = new Map(now.ready.tasks.map(({ id }, index) => [id, index]));
  const weeks = now.ready.tasks.map(({ id }) => now.current.plan.plan[id] ?? -1);
  const change = new Map(mark.tasks.map(({ task }) => [at.get(task.key) ?? -1, week]));
  return tryMove(now.ready, weeks, change);
});
const nameOf = (key: string): string => {
  const task = shown.value?.body.tasks.find((one) => one.key === key);
  return task && home.house ? plannedName(speech.value, home.house, task) : key;
};
const consequence = computed(() => {
  if (!tried.value || trying.value === null || !shown.value) return '';
  const week = speech.value.formats.date(
    weekDate(shown.value.toPlan.weeks, trying.value),
    speech.value.today,
  );
  return t.value('plan.trying', { week, what: triedText(speech.value, tried.value, nameOf) });
});

/** Puts a mark's tasks in a week, unless a rule forbids it: then it goes back. */
async function put(mark: Mark, week: number): Promise<void> {
  const allowed = tried.value !== null && tried.value.forbidden === null;
  const keys = mark.tasks.map(({ task }) => task.key);
  trying.value = null;
  if (!allowed || week === mark.week || !shown.value || busy.value) return;
  await place(shown.value, keys, week);
  chosenKey.value =
    marks.value.find(({ tasks }) => tasks.some(({ task }) => task.key === keys[0]))?.key ?? null;
}
const figures = computed(() => {
  if (!shown.value) return '';
  const { tasks, weeks } = shown.value.year;
  const visits = new Set(
    tasks.flatMap(({ task, week }) => (task.doer === 'trade' ? [`${task.system} ${week}`] : [])),
  ).size;
  const minutes = weeks.reduce((sum, week) => sum + week.minutes, 0);
  return t.value('plan.figures', {
    tasks: t.value('plan.tasks', { n: tasks.length }, tasks.length),
    time: speech.value.formats.hours(Math.round(minutes / 60) * 60),
    visits: t.value('plan.visits', { n: visits }, visits),
  });
});
const print = (): void => {
  span.value = 'year';
  window.setTimeout(() => {
    window.print();
  });
};
</script>

<template>
  <div class="sheet year">
    <PageState
      v-if="state.kind !== 'ready' && !shown"
      :state="state"
      :loading="t('shell.loading')"
      :again="t('shell.tryAgain')"
      @again="load"
    />
    <template v-if="shown && home.house && noticeProps && listProps">
      <header>
        <h1>{{ t('plan.year') }}</h1>
        <p v-if="!isEmpty" class="soft">{{ figures }}</p>
        <div v-if="!isEmpty" class="acts no-print">
          <SelectButton
            v-if="isWide"
            v-model="span"
            :options="spans"
            option-label="label"
            option-value="value"
            :allow-empty="false"
            :aria-label="t('plan.year')"
          />
          <template v-if="span !== 'year' && isWide">
            <Button outlined :label="t('plan.earlier')" :disabled="first === 0" @click="step(-1)" />
            <Button outlined :label="t('plan.later')" @click="step(1)" />
          </template>
          <Button
            v-if="home.mayWrite && placings.length > 0"
            outlined
            :disabled="busy"
            data-act="undo"
            @click="undoLast"
          >
            <Undo2 :size="18" aria-hidden="true" /> {{ t('plan.undo') }}
          </Button>
          <Button
            v-if="home.mayWrite"
            outlined
            :disabled="progress !== null || busy"
            data-act="again"
            @click="plan.improve"
          >
            <RefreshCw :size="18" aria-hidden="true" /> {{ t('plan.again') }}
          </Button>
          <Button outlined data-act="print" @click="print">
            <Printer :size="18" aria-hidden="true" /> {{ t('shell.print') }}
          </Button>
        </div>
      </header>
      <PlanNotices v-bind="noticeProps" @stop="plan.stop" @read="load" />
      <template v-if="!isEmpty">
        <div v-if="isWide" class="drawn">
          <p class="says small" role="status">{{ consequence || (chosen ? '' : t('plan.noMarks')) }}</p>
          <YearSheet
            :shown="shown"
            :stretch="stretch"
            :chosen="chosenKey"
            :trying="trying"
            :speech="speech"
            :may-move="home.mayWrite && !busy"
            @choose="choose"
            @try="tryAt"
            @put="put"
            @leave="leave"
          />
          <ul class="key small soft">
            <li v-for="sign in ['own', 'trade', 'shut', 'late', 'byHand'] as const" :key="sign">
              <svg width="14" height="14" viewBox="-7 -7 14 14" aria-hidden="true" :class="['mark', sign]">
                <circle v-if="sign === 'own'" class="sign" r="6" />
                <path v-else-if="sign === 'trade'" class="sign" d="M0 -6l6 11h-12z" />
                <path v-else-if="sign === 'shut'" class="sign" d="M0 -6l6 6l-6 6l-6 -6z" />
                <path v-else-if="sign === 'late'" class="sign" d="M-5 -5h10v10h-10z" />
                <circle v-else class="ring" r="6" />
              </svg>
              {{ t(`plan.key.${sign}`) }}
            </li>
            <li class="no-print">{{ t('plan.key.how') }}</li>
          </ul>
          <section v-if="chosen" class="chosen no-print" :aria-label="t('plan.chosen')">
            <PlanTask
              v-for="one in chosen.tasks"
              :key="one.task.key"
              :one="one"
              :shown="shown"
              :house="home.house"
              :speech="speech"
              :may-move="home.mayWrite"
              :busy="busy"
              @place="putOne"
              @let-go="letGo"
            />
          </section>
        </div>
        <p class="soft small">{{ t('plan.notDue') }}</p>
        <MonthTable :shown="shown" :home="home.house.home" :people="home.house.people" :speech="speech" />
        <details v-if="isWide" class="no-print as-list">
          <summary>{{ t('plan.asList') }}</summary>
          <PlanList v-bind="listProps" @place="putOne" @let-go="letGo" />
        </details>
        <PlanList v-else v-bind="listProps" @place="putOne" @let-go="letGo" />
      </template>
    </template>
  </div>
</template>

<style>
.year {
  max-width: var(--page);
  padding-top: var(--line);
}

.year > header {
  display: flex;
  flex-wrap: wrap;
  gap: 0.25rem 1rem;
  align-items: baseline;
}

.year > header .acts {
  display: flex;
  flex-wrap: wrap;
  gap: 0.5rem;
  margin-left: auto;
}

.year .says {
  min-height: var(--line);
  margin: 0.25rem 0;
  font-weight: 600;
}

.year .key {
  display: flex;
  flex-wrap: wrap;
  gap: 0.25rem 1.25rem;
  padding: 0;
  margin: 0.25rem 0 0.5rem;
  list-style: none;
}

.year .key li {
  display: flex;
  gap: 0.375rem;
  align-items: center;
}

.year .chosen {
  border-top: 1px solid var(--ink);
}

.year .as-list {
  margin-top: var(--line);
}

@page year {
  size: landscape;
  margin: 8mm;
}

@media print {
  .year {
    page: year;
    padding: 0;
  }

  .year > header {
    margin: 0;
  }

  .year > header h1 {
    font-size: 1.375rem;
    line-height: 1.2;
  }

  .year .key {
    margin: 0;
  }

  .year .says {
    display: none;
  }
}
</style>
