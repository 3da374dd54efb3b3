<script setup lang="ts">
import { computed, ref } from 'vue';
import AppSign from '../../kit/AppSign.vue';
import ReasonList from '../../kit/ReasonList.vue';
import RuledLine from '../../kit/RuledLine.vue';
import type { CivilDate } from '../../../core/calendar/civilDate.ts';
import { practiceTitle } from '../../../locales/practiceText.ts';
import { shortReasonText } from '../../../locales/shortReason.ts';
import { dateText, type Speech } from '../../../locales/speech.ts';
import { asksAge } from '../../parts/typed/asksAge.ts';
import { sharedWindow, type Line, type Section, type Unit } from '../../parts/task/lines.ts';

/** One line of Today: the date in its margin, what is to be done where, why then, and what can be done about it. */
const props = defineProps<{
  line: Line;
  section: Section;
  speech: Speech;
  mayWrite: boolean;
  busy: boolean;
  waiting: ReadonlySet<string>;
}>();
const emit = defineEmits<{ done: [units: readonly Unit[]]; log: []; putOff: [] }>();

const why = ref(false);
const t = computed(() => props.speech.t);
const title = computed(() => practiceTitle(props.speech, props.line.practice));
const several = computed(() => props.line.units.length > 1);
const unsent = computed(() => props.line.units.filter(({ duty }) => props.waiting.has(duty.id)));
const settled = computed(() => unsent.value.length === props.line.units.length);
const shared = computed(() => sharedWindow(props.line.units));
const shortReason = computed(() => {
  const [first] = props.line.units;
  return first ? shortReasonText(props.speech, first.occurrence.reasons) : '';
});
/** More about the line: how long it takes, that its latest day has passed, how often it was missed. */
const details = computed(() => {
  const { minutes, missed, units } = props.line;
  const soonest = (dates: readonly (CivilDate | null)[]) =>
    dates.flatMap((date) => (date !== null && date <= props.speech.today ? [date] : [])).sort()[0];
  const bookBy = soonest(units.map(({ occurrence }) => occurrence.bookBy));
  const orderBy = soonest(units.map(({ occurrence }) => occurrence.orderBy));
  const look = units.some(({ occurrence }) => occurrence.asks === 'look');
  const lapsed = units.find(({ standing, occurrence }) => standing === 'lapsed' && !occurrence.baseline);
  const latest = lapsed && dateText(props.speech, lapsed.occurrence.window.latest);
  return [
    ...(look ? [{ text: t.value('today.look'), tone: 'soft' }] : []),
    ...(minutes === null
      ? []
      : [{ text: t.value('today.effort', { n: minutes * units.length }), tone: 'soft' }]),
    ...(latest === undefined ? [] : [{ text: t.value('today.lapsed', { latest }), tone: 'grave' }]),
    ...(bookBy === undefined
      ? []
      : [{ text: t.value('today.bookBy', { on: dateText(props.speech, bookBy) }), tone: 'grave' }]),
    ...(orderBy === undefined
      ? []
      : [{ text: t.value('today.orderBy', { on: dateText(props.speech, orderBy) }), tone: 'soft' }]),
    ...(missed === 0 ? [] : [{ text: t.value('today.missed', { n: missed }, missed), tone: 'grave' }]),
  ];
});
/** Of what nobody knows the age of, the date is read; the rest is done. */
const act = computed(() => {
  if (props.line.units.some(({ occurrence }) => asksAge(occurrence))) return t.value('today.readAge');
  return several.value ? t.value('today.doneAll', { n: props.line.units.length }) : t.value('today.done');
});
const sign = computed(() => (props.section === 'coming' ? 'ahead' : props.section));

const KEYS: Record<string, () => void> = {
  d: () => {
    if (props.mayWrite && !settled.value && !props.busy) emit('done', props.line.units);
  },
  l: () => {
    if (props.mayWrite) emit('log');
  },
  p: () => {
    if (props.mayWrite) emit('putOff');
  },
  w: () => {
    why.value = !why.value;
  },
};

function onKey(event: KeyboardEvent): void {
  if (event.ctrlKey || event.metaKey || event.altKey) return;
  const act = KEYS[event.key];
  if (!act) return;
  event.preventDefault();
  act();
}
</script>

<template>
  <RuledLine
    class="duty"
    :data-line="line.key"
    :date="line.due"
    :speech="speech"
    :grave="section === 'late'"
    @keydown="onKey"
  >
    <h3>
      <AppSign :name="sign" :label="t(`standing.${section === 'coming' ? 'ahead' : section}`)" />
      {{ title }}
      <span v-if="!several" class="of">{{ line.units[0]?.asset.name }}</span>
    </h3>
    <p class="small">
      <span v-if="line.lifeSafety" class="grave"><AppSign name="lifeSafety" /> {{ t('lifeSafety') }}. </span>
      <span v-if="!several && line.units[0]?.place" class="soft">{{ line.units[0].place }}. </span>
      <em>{{ shortReason }}</em><span v-for="detail in details" :key="detail.text" :class="detail.tone"
        >; {{ detail.text }}</span
      >
    </p>
    <ul v-if="several" class="units">
      <li v-for="unit in line.units" :key="unit.duty.id">
        <button
          v-if="mayWrite && !waiting.has(unit.duty.id)"
          type="button"
          class="tick"
          :disabled="busy"
          :aria-label="`${t('today.done')}: ${title}, ${unit.asset.name}`"
          @click="emit('done', [unit])"
        >
          <span class="box" aria-hidden="true" />{{ unit.asset.name }}
        </button>
        <span v-else class="tick"><span class="box" aria-hidden="true" />{{ unit.asset.name }}</span>
        {{ ' '
        }}<span v-if="!shared" class="soft small">{{ dateText(speech, unit.occurrence.window.due) }}</span>
        <span v-if="waiting.has(unit.duty.id)" class="soft small">{{ t('today.waiting') }}</span>
      </li>
    </ul>
    <p v-if="!several && unsent.length > 0" class="small soft">{{ t('today.waiting') }}</p>
    <template v-if="why">
      <template v-if="shared"
        ><ReasonList :reasons="line.units[0]?.occurrence.reasons ?? []" :speech="speech"
      /></template>
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
    </template>
    <template #acts>
      <template v-if="mayWrite && !settled">
        <button type="button" class="main" :disabled="busy" data-act="done" @click="emit('done', line.units)">
          {{ act }}<span class="unseen">: {{ title }}</span>
        </button>
        <button type="button" data-act="log" @click="emit('log')">
          {{ t('today.doneOn') }}<span class="unseen"> {{ title }}</span>
        </button>
        <button type="button" data-act="putOff" @click="emit('putOff')">
          {{ t('today.putOff') }}<span class="unseen"> {{ title }}</span>
        </button>
      </template>
      <RouterLink
        v-if="mayWrite && !settled"
        class="no-print"
        data-act="run"
        :to="{
          name: 'runs',
          params: $route.params,
          query: { duty: line.units.map(({ duty }) => duty.id).join() },
        }"
        >{{ t('today.run') }}<span class="unseen">: {{ title }}</span></RouterLink
      >
      <button type="button" data-act="why" :aria-expanded="why" @click="why = !why">
        {{ why ? t('today.hide') : t('today.why') }}<span class="unseen">: {{ title }}</span>
      </button>
      <span v-if="!several" class="print-only box" />
    </template>
  </RuledLine>
</template>

<style scoped>
.duty {
  --acts: 16rem;
}

h3 {
  font-size: 1.0625rem;
  font-weight: 600;
}

.of {
  font-weight: 400;
}

.of::before {
  content: '· ';
}

.grave {
  color: var(--rust);
}

.units {
  display: flex;
  flex-wrap: wrap;
  gap: 0 1.25rem;
}

.tick {
  color: var(--ink);
  text-align: left;
  text-decoration: none;
}

.tick:hover {
  text-decoration: underline;
}

.box {
  display: inline-block;
  width: 0.875rem;
  height: 0.875rem;
  margin-right: 0.4rem;
  border: 1.5px solid currentcolor;
  vertical-align: -0.1rem;
}

button.main {
  justify-self: stretch;
}

/* On paper a unit's tick is a box for the pen; a line of one unit has its box at the end. */
@media print {
  .units .tick {
    display: inline-block !important;
  }
}
</style>
