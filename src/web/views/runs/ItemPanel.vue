<script setup lang="ts">
import { computed, ref, toRef, watch } from 'vue';
import type { HouseBody } from '../../../contract/schemas.ts';
import type { Practice } from '../../../core/practice/practice.ts';
import type { FactValue } from '../../../core/basics/factValue.ts';
import type { Given } from '../../../core/readings/reading.ts';
import type { Measures } from '../../../core/readings/typed.ts';
import type { Outcome } from '../../../core/readings/verdict.ts';
import { refusalsAt } from '../../../core/runs/data/refusals.ts';
import type { ItemState, RunItem } from '../../../core/runs/runState.ts';
import type { CivilDate } from '../../../core/calendar/civilDate.ts';
import { TRADE_NAMES } from '../../../locales/readings/outcomes.ts';
import { aboutText, type ReadingSpeech } from '../../../locales/readings/readingText.ts';
import { words } from '../../../locales/speech.ts';
import { cautionText, stepInWords } from '../../../locales/stepText.ts';
import StepReading from './StepReading.vue';
import { clockText, useStepTimer } from './useStepTimer.ts';

/** One step of one piece of work, large: its cautions to be answered first, its reading, its wait. */
const props = defineProps<{
  item: RunItem;
  state: ItemState;
  practice: Practice | undefined;
  title: string;
  house: HouseBody;
  speech: ReadingSpeech;
  measures: Measures;
  traits: Readonly<Record<string, FactValue>>;
  today: CivilDate;
}>();
const emit = defineEmits<{
  change: [change: Partial<ItemState>];
  done: [];
  hazard: [hazard: string];
  read: [reading: { step: number; reading: string; asset: string; given: Given; outcome: Outcome }];
}>();

const t = computed(() => props.speech.t);
/** An item for later cannot be ticked now. */
const steps = computed(() => (props.practice?.steps ?? []).filter((one) => one.at !== 'later'));
const firstOpen = (): number => {
  const open = steps.value.findIndex((_, place) => !props.state.ticked.includes(place));
  return open === -1 ? Math.max(0, steps.value.length - 1) : open;
};
const at = ref(firstOpen());
watch(
  () => props.item.key,
  () => {
    at.value = firstOpen();
  },
);
const step = computed(() => steps.value[at.value]);
const inWords = computed(() => (step.value ? stepInWords(props.speech, step.value) : null));
const gates = computed(() =>
  (step.value?.cautions ?? []).map((hazard) => ({
    hazard,
    key: `${at.value} ${hazard}`,
    text: cautionText(props.speech, hazard),
    answered: props.state.gates.includes(`${at.value} ${hazard}`),
  })),
);
const gatesOpen = computed(() => gates.value.every(({ answered }) => answered));
const assets = computed(() =>
  props.item.assets.flatMap((id) => props.house.assets.find((asset) => asset.id === id) ?? []),
);
const kept = computed(() => props.state.readings.filter((one) => one.step === at.value));
const reads = computed(() => (step.value?.reads ?? []).filter((measure) => measure !== 'run-hours'));
const again = ref(false);
watch(at, () => {
  again.value = false;
  tried.value = false;
});
const refusals = computed(() =>
  refusalsAt(props.practice?.code ?? '').map(({ code, what, trade, tell }) => ({
    code,
    what: words(props.speech, what),
    tell: t.value('run.refuseTell', { trade: TRADE_NAMES[trade] ?? trade, tell }),
  })),
);
const tried = ref(false);
const { left, over, text: leftText } = useStepTimer(toRef(() => props.state.timers[String(at.value)]));

function answer(key: string): void {
  emit('change', { gates: [...props.state.gates, key] });
}

function startClock(): void {
  const until = new Date(Date.now() + (step.value?.waits ?? 0) * 1_000).toISOString();
  emit('change', { timers: { ...props.state.timers, [String(at.value)]: until } });
}

function tick(): void {
  tried.value = true;
  if (!gatesOpen.value) return;
  const ticked = [...new Set([...props.state.ticked, at.value])];
  if (at.value + 1 < steps.value.length) {
    emit('change', { ticked });
    at.value += 1;
  } else {
    emit('change', { ticked });
    emit('done');
  }
}

function keepReading(reading: { reading: string; asset: string; given: Given; outcome: Outcome }): void {
  again.value = false;
  emit('read', { step: at.value, ...reading });
}
</script>

<template>
  <section class="item" :aria-label="title" :data-item="item.key">
    <template v-if="step && inWords">
      <fieldset v-if="gates.length > 0" class="gates">
        <legend>{{ t('run.caution') }}</legend>
        <div v-for="gate in gates" :key="gate.key" class="gate" :class="{ answered: gate.answered }">
          <p>{{ gate.text }}</p>
          <p class="ways">
            <button
              type="button"
              :aria-pressed="gate.answered"
              class="main"
              data-act="gate-yes"
              :disabled="gate.answered"
              @click="answer(gate.key)"
            >
              {{ t('run.gateYes') }}
            </button>
            <button type="button" data-act="gate-no" @click="emit('hazard', gate.hazard)">
              {{ t('run.gateNo') }}
            </button>
          </p>
        </div>
      </fieldset>
      <p class="says" :class="{ closed: !gatesOpen }">
        <em v-if="inWords.stage">{{ inWords.stage }}: </em>{{ inWords.says }}
      </p>
      <p v-if="tried && !gatesOpen" class="notice wrong" role="alert">{{ t('run.gateFirst') }}</p>
      <p v-if="step.waits" class="wait">
        <button v-if="left === null" type="button" data-act="clock" @click="startClock">
          {{ t('run.waitStart') }}: {{ clockText(step.waits) }}
        </button>
        <strong v-else-if="over" role="status">{{ t('run.waitOver') }}</strong>
        <span v-else role="timer">{{ t('run.waiting', { n: leftText }) }}</span>
      </p>
      <template v-if="gatesOpen">
        <p v-for="one in kept" :key="one.reading + one.asset" class="small" role="status">
          {{ t('run.readKept', { title: aboutText(speech, one.reading).title }) }}
        </p>
        <template v-if="reads.length > 0">
          <template v-for="measure in reads" :key="measure">
            <StepReading
              v-if="kept.length === 0 || again"
              :measure="measure"
              :assets="assets"
              :speech="speech"
              :measures="measures"
              :traits="traits"
              @keep="keepReading"
            />
          </template>
          <button v-if="kept.length > 0 && !again" type="button" @click="again = true">
            {{ t('run.readAgain') }}
          </button>
        </template>
      </template>
    </template>
    <p v-else class="says">{{ title }}</p>
    <p class="ways foot">
      <button type="button" class="main big" data-act="tick" @click="tick">
        {{ at + 1 < steps.length ? t('run.tick') : t('run.tickLast') }}
      </button>
      <button v-if="at > 0" type="button" data-act="back" @click="at -= 1">{{ t('run.back') }}</button>
    </p>
    <p class="soft small">
      {{ steps.length > 0 ? `${at + 1} / ${steps.length}` : '' }}
    </p>
    <ul v-if="refusals.length > 0" class="refusals small">
      <li v-for="one in refusals" :key="one.code">
        <strong>{{ t('run.refuse', { what: one.what }) }}</strong> {{ one.tell }}
      </li>
    </ul>
  </section>
</template>

<style scoped>
.item {
  display: grid;
  gap: calc(var(--line) / 2);
}

.says {
  font-size: 1.5rem;
  line-height: 2.125rem;
}

.says.closed {
  color: var(--soft);
}

.gates {
  display: grid;
  gap: calc(var(--line) / 2);
}

.gate {
  padding: 0.25rem 0 0.25rem 0.75rem;
  border-left: 6px solid var(--rust);
}

.gate.answered {
  border-left: 3px solid var(--rule);
  color: var(--soft);
}

.refusals {
  padding-left: 0.75rem;
  border-left: 3px double var(--rust);
}

.ways {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 0.5rem 1.5rem;
}

.wait {
  font-size: 1.25rem;
}

.big {
  min-height: 3rem;
  padding: 0 1.5rem;
  font-size: 1.125rem;
}
</style>
