<script setup lang="ts">
import Button from 'primevue/button';
import { Check } from 'lucide-vue-next';
import { computed, defineAsyncComponent, ref } from 'vue';
import { useRouter } from 'vue-router';
import AppSign from '../../kit/AppSign.vue';
import KitMenu, { type Act } from '../../kit/KitMenu.vue';
import WindowBar from '../../kit/WindowBar.vue';
import type { CivilDate } from '../../../core/calendar/civilDate.ts';
import { dateText, type Speech } from '../../../locales/speech.ts';
import { asksAge } from '../../parts/typed/asksAge.ts';
import { sharedWindow, type Line, type Unit } from '../../parts/task/lines.ts';
import TaskUnits from './TaskUnits.vue';
import { useTaskText } from './useTaskText.ts';
import type { Settled } from './useWeek.ts';

/** One line of Today: what is to be done and where, why now, its window, and one button. A tap on it opens why; the rest is in its menu. */
const props = defineProps<{
  line: Line;
  /** Work of other lines that is best done on the same trip. */
  along: readonly Line[];
  speech: Speech;
  mayWrite: boolean;
  busy: boolean;
  waiting: ReadonlySet<string>;
  settled: ReadonlyMap<string, Settled>;
  /** The last day this was done; undefined where it never was, or nobody knows. */
  lastDone: (dutyId: string) => CivilDate | undefined;
  keys: boolean;
}>();
const emit = defineEmits<{
  done: [line: Line, units: readonly Unit[]];
  undo: [dutyIds: readonly string[]];
  log: [line: Line];
  postpone: [line: Line];
  postponeWeek: [line: Line];
}>();

// The reasons and their texts are not fetched before someone asks why.
const ReasonList = defineAsyncComponent(() => import('../../kit/ReasonList.vue'));

const router = useRouter();
const why = ref(false);
const t = computed(() => props.speech.t);
const isSettled = (unit: Unit): boolean => props.settled.has(unit.duty.id) || props.waiting.has(unit.duty.id);
const left = computed(() => props.line.units.filter((unit) => !isSettled(unit)));
const result = computed(() => {
  if (left.value.length > 0) return null;
  const [first] = props.line.units;
  if (!first) return null;
  const isWaiting = props.line.units.some(({ duty }) => props.waiting.has(duty.id));
  return isWaiting ? t.value('today.waiting') : (props.settled.get(first.duty.id)?.text ?? null);
});
const first = computed(() => props.line.units[0]);
const shared = computed(() => sharedWindow(props.line.units));
const { title, icon, where, due, minutes, reason, short } = useTaskText(props);

/** Of something nobody knows the age of, the date is read; the rest is done. */
const doneLabel = computed(() => {
  if (props.line.units.some(({ occurrence }) => asksAge(occurrence))) return t.value('today.readAge');
  const { length: n } = left.value;
  return t.value(n > 2 ? 'today.doneAll' : n === 2 ? 'today.doneBoth' : 'today.done', { n });
});

const acts = computed((): Act[] => [
  {
    label: t.value('today.doneOn'),
    act: () => {
      emit('log', props.line);
    },
  },
  {
    label: t.value('today.postponeWeek'),
    act: () => {
      emit('postponeWeek', props.line);
    },
  },
  {
    label: t.value('today.putOff'),
    act: () => {
      emit('postpone', props.line);
    },
  },
  {
    label: t.value('today.run'),
    act: () => void goTo('runs', { duty: props.line.units.map(({ duty }) => duty.id).join() }),
  },
  { label: t.value('today.change'), act: () => void goTo('upkeep', { find: title.value, change: '1' }) },
]);
const goTo = (name: string, query: Record<string, string>) =>
  router.push({ name, params: router.currentRoute.value.params, query });

const act = (): void => {
  if (props.busy) return;
  if (result.value === null) emit('done', props.line, left.value);
  else
    emit(
      'undo',
      props.line.units.map(({ duty }) => duty.id),
    );
};
const canUndo = computed(() => props.line.units.some(({ duty }) => props.settled.has(duty.id)));

/** The act of a key while the line has the focus. */
const KEYS: Readonly<Record<string, () => void>> = {
  d: () => {
    if (result.value === null) act();
  },
  l: () => {
    emit('log', props.line);
  },
  p: () => {
    emit('postpone', props.line);
  },
  u: () => {
    if (result.value !== null) act();
  },
};

function onKey(event: KeyboardEvent): void {
  if (!props.keys || event.ctrlKey || event.metaKey || event.altKey) return;
  if (event.key === 'w') why.value = !why.value;
  else if (props.mayWrite && KEYS[event.key]) KEYS[event.key]?.();
  else return;
  event.preventDefault();
}
</script>

<template>
  <li class="task" :class="{ settled: result !== null }" :data-line="line.key" @keydown="onKey">
    <component :is="icon" class="system" :class="{ grave: due.grave }" :size="22" aria-hidden="true" />
    <div class="text">
      <h3>
        <Button text class="title" data-act="why" :aria-expanded="why" @click="why = !why">{{
          title
        }}</Button>
        <span v-if="where" class="soft where">{{ where }}</span>
        <span v-if="line.lifeSafety" class="safety"
          ><AppSign name="lifeSafety" />{{ ' ' }}{{ t('lifeSafety') }}</span
        >
      </h3>
      <div class="facts">
        <!-- The facts keep their room under what is said, so that no line moves. -->
        <div :class="{ under: result !== null }" :aria-hidden="result === null ? undefined : true">
          <p class="soft small wide">{{ reason }}</p>
          <p class="soft small narrow">
            <AppSign v-if="line.lifeSafety" name="lifeSafety" class="mark" :label="t('lifeSafety')" />
            {{ short }}
          </p>
        </div>
        <p v-if="result !== null" class="small result" role="status">
          <Check :size="16" aria-hidden="true" /> {{ result }}
        </p>
      </div>
      <TaskUnits
        :line="line"
        :along="along"
        :speech="speech"
        :may-write="mayWrite"
        :busy="busy"
        :is-settled="isSettled"
        @done="(of, units) => emit('done', of, units)"
      />
    </div>
    <div class="when">
      <WindowBar v-if="first" :window="first.occurrence.window" :today="speech.today" :grave="due.grave" />
      <span class="small" :class="due.grave ? 'past' : 'soft'">{{ due.text }}</span>
    </div>
    <span class="minutes soft">{{ minutes }}</span>
    <div class="acts">
      <template v-if="mayWrite">
        <Button
          v-if="result === null || canUndo"
          outlined
          :disabled="busy"
          :data-act="result === null ? 'done' : 'undo'"
          :aria-label="`${result === null ? doneLabel : t('today.undo')}: ${title}`"
          :label="result === null ? doneLabel : t('today.undo')"
          @click="act"
        />
        <KitMenu v-if="result === null" data-act="more" :label="t('today.more', { title })" :acts="acts" />
      </template>
      <span class="print-only box" />
    </div>
    <div v-if="why" class="why">
      <ReasonList v-if="shared" :reasons="first?.occurrence.reasons ?? []" :speech="speech" />
      <template v-else>
        <ReasonList
          v-for="unit in line.units"
          :key="unit.duty.id"
          :heading="
            t('today.unitDue', { unit: unit.asset.name, due: dateText(speech, unit.occurrence.window.due) })
          "
          :reasons="unit.occurrence.reasons"
          :speech="speech"
        />
      </template>
    </div>
  </li>
</template>

<style scoped>
.task {
  display: grid;
  grid-template-columns: 1.5rem minmax(0, 1fr) 11rem 4rem 9.5rem;
  gap: 0 0.75rem;
  align-items: start;
  min-height: 4rem;
  padding: 0.5rem 0;
}

.system {
  margin-top: 0.375rem;
  color: var(--soft);
}

.system.grave,
.safety {
  color: var(--rust);
}

.text {
  position: relative;
  min-width: 0;
}

.facts {
  display: grid;
}

.facts > * {
  grid-area: 1 / 1;
}

.under {
  visibility: hidden;
}

h3 {
  display: flex;
  flex-wrap: wrap;
  align-items: baseline;
  gap: 0 0.5rem;
  font-size: 1rem;
  font-weight: 400;
}

.title {
  min-height: 1.75rem;
  padding: 0;
  border: 0;
  color: var(--ink);
  text-align: left;
}

/* The whole of the text opens why; what can be pressed in it stands above. */
.title::after {
  position: absolute;
  inset: 0;
  content: '';
}

.title:hover {
  background: none;
  text-decoration: underline;
}

.safety {
  font-size: 0.875rem;
  font-weight: 600;
}

.narrow {
  display: none;
}

.box {
  display: inline-block;
  width: 0.875rem;
  height: 0.875rem;
  margin-right: 0.4rem;
  border: 1.5px solid currentcolor;
}

.when {
  padding-top: 0.25rem;
}

.minutes {
  padding-top: 0.5rem;
  text-align: right;
  white-space: nowrap;
}

.acts {
  display: flex;
  justify-content: flex-end;
  padding-top: 0.125rem;
}

.acts :deep(.k-button) {
  white-space: nowrap;
}

.settled .system,
.settled .past {
  color: var(--soft);
}

.settled .window-bar {
  opacity: 0.5;
}

.result {
  color: var(--brine);
}

.result svg {
  vertical-align: -0.125rem;
}

.why {
  grid-column: 2 / -1;
  padding: 0.25rem 0 0.5rem;
}

@media (max-width: 44rem) {
  .task {
    grid-template-columns: 1.5rem minmax(0, 1fr) auto;
    gap: 0 0.625rem;
  }

  .text {
    grid-column: 2;
  }

  .when {
    grid-row: 2;
    grid-column: 2;
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 0 0.5rem;
    padding: 0;
  }

  .minutes,
  .safety,
  .wide,
  .where {
    display: none;
  }

  .narrow {
    display: block;
  }

  .when :deep(.window-bar) {
    width: 6rem;
  }

  .mark {
    color: var(--rust);
  }

  /* Done stands beside the words, the menu under it beside the window. */
  .acts {
    grid-row: 1 / 3;
    grid-column: 3;
    flex-direction: column;
    align-items: flex-end;
    justify-content: flex-start;
  }

  .acts :deep(.k-button) {
    padding-inline: 0.75rem;
  }

  .why {
    grid-column: 2 / -1;
  }
}

@media print {
  .wide {
    display: block !important;
  }

  .narrow {
    display: none !important;
  }

  .title {
    display: inline !important;
  }
}
</style>
