<script setup lang="ts">
import Button from 'primevue/button';
import { computed, ref, toRef, watch } from 'vue';
import type { HouseBody } from '../../../contract/schemas.ts';
import { drawingsOfPractice } from '../../../core/catalogue/drawings/ofPractice.ts';
import { drawingOfReading } from '../../../core/catalogue/drawings/ofReading.ts';
import { readingsAsked } from '../../../core/readings/recorded.ts';
import type { Practice, Step } from '../../../core/practice/practice.ts';
import type { FactValue } from '../../../core/basics/factValue.ts';
import { nameOfLook, WHOLE_LOOK, type Look, type LookChoice } from '../../../core/practice/look.ts';
import type { Hazard } from '../../../core/practice/lists.ts';
import type { Given } from '../../../core/readings/reading.ts';
import type { KnownForReading } from '../../../core/readings/fill/known.ts';
import type { Measures } from '../../../core/readings/typed.ts';
import type { Outcome } from '../../../core/readings/verdict.ts';
import { refusalsAt } from '../../../core/runs/data/refusals.ts';
import { hazardsAt, isAsked } from '../../../core/runs/gates.ts';
import type { Read } from '../../../core/runs/readInRun.ts';
import type { ItemState, RunItem } from '../../../core/runs/runState.ts';
import { stepFacts } from '../../../core/runs/stepFacts.ts';
import { leftOut, seenBy, unanswered, type Seen } from '../../../core/runs/seen.ts';
import type { CivilDate } from '../../../core/calendar/civilDate.ts';
import { TRADE_NAMES } from '../../../locales/readings/outcomes.ts';
import type { ReadingSpeech } from '../../../locales/readings/readingText.ts';
import { nameIn, words } from '../../../locales/speech.ts';
import { stepInWords } from '../../../locales/stepText.ts';
import PracticeDrawings from '../../drawings/PracticeDrawings.vue';
import SumSheet from '../../parts/reading/SumSheet.vue';
import StepFacts from './StepFacts.vue';
import StepGates from './StepGates.vue';
import StepKnow from './StepKnow.vue';
import StepLook from './StepLook.vue';
import StepReadings from './StepReadings.vue';
import { clockText, useStepTimer } from './useStepTimer.ts';

/** One step of one piece of work, large: its cautions to be answered first, what is looked at and measured, its wait. */
const props = defineProps<{
  item: RunItem;
  state: ItemState;
  practice: Practice | undefined;
  title: string;
  house: HouseBody;
  factsOf: (asset: string) => Readonly<Record<string, FactValue>>;
  ways: readonly { code: string; title: string }[];
  /** How much of each supply it takes, here and this time. */
  takes: readonly { supply: string; quantity: number }[];
  speech: ReadingSpeech;
  measures: Measures;
  traits: Readonly<Record<string, FactValue>>;
  today: CivilDate;
  known: KnownForReading | null;
}>();
const emit = defineEmits<{
  change: [change: Partial<ItemState>];
  done: [];
  hazard: [hazard: string];
  read: [reading: { step: number; reading: string; asset: string; given: Given; outcome: Outcome }];
  forget: [read: Read];
  see: [seen: Seen[]];
  later: [];
  hire: [];
  instead: [code: string];
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
const assets = computed(() =>
  props.item.assets.flatMap((id) => props.house.assets.find((asset) => asset.id === id) ?? []),
);
const hazards = computed(() => hazardsOf(step.value?.cautions ?? []));
const hazardsOf = (cautions: Step['cautions']): readonly Hazard[] =>
  hazardsAt(
    cautions ?? [],
    assets.value.map((asset) => ({
      asset,
      facts: props.factsOf(asset.id),
      space: props.house.spaces.find(({ id }) => id === asset.space),
    })),
  );
const facts = computed(() => {
  const { practice, house } = props;
  const place = practice && step.value ? practice.steps.indexOf(step.value) : -1;
  return practice && place >= 0 ? stepFacts(practice, place, assets.value, house.assets, props.factsOf) : [];
});
const firstWork = computed(() => steps.value.findIndex((one) => one.at === 'work'));
/** The drawings of the work; what a measurement of this step shows itself stands at its fields. */
const drawings = computed(() => {
  const direction = assets.value
    .flatMap(({ id, partOf }) => [id, ...(partOf === undefined ? [] : [partOf])])
    .map((id) => props.factsOf(id)['direction'])
    .find((value) => typeof value === 'string');
  const measured = assets.value.flatMap(({ kind }) =>
    reads.value.flatMap((measure) => readingsAsked(measure, kind).map(drawingOfReading)),
  );
  return drawingsOfPractice(props.practice?.code ?? '', direction).filter((name) => !measured.includes(name));
});
const gateOf = (hazard: Hazard): string => `${at.value} ${hazard}`;
const answered = computed(() => hazards.value.filter((one) => props.state.gates.includes(gateOf(one))));
const gatesOpen = computed(() =>
  hazards.value.every((hazard) => !isAsked(hazard) || answered.value.includes(hazard)),
);
const reads = computed(() => (step.value?.reads ?? []).filter((measure) => measure !== 'run-hours'));
const missing = computed(() => {
  if (!step.value || !props.practice) return { looks: [], reads: [] };
  return unanswered({ ...step.value, reads: reads.value }, at.value, props.practice, props.state);
});
watch(at, () => {
  tried.value = false;
});
const refusals = computed(() =>
  refusalsAt(props.practice?.code ?? '').map(({ code, what, trade, tell }) => ({
    code,
    what: words(props.speech, what),
    tell: t.value('run.refuseTell', { trade: TRADE_NAMES[trade] ?? trade, tell }),
  })),
);
/** Whether all its signs are the choices of one look: then they are not said twice. */
const asksAllAtOnce = computed(() =>
  steps.value.some(({ looks = [] }) => looks.some(({ code }) => code === WHOLE_LOOK)),
);
const tried = ref(false);
const refused = computed((): string => {
  if (!tried.value) return '';
  if (!gatesOpen.value) return t.value('run.gateFirst');
  return missing.value.looks.length + missing.value.reads.length > 0 ? t.value('run.unanswered') : '';
});
const { left, over, text: leftText } = useStepTimer(toRef(() => props.state.timers[String(at.value)]));

function answer(hazard: Hazard): void {
  emit('change', { gates: [...props.state.gates, gateOf(hazard)] });
}

const seenAt = (look: Look): Seen[] =>
  props.state.seen.filter(
    (one) => one.step === at.value && one.look === nameOfLook(props.practice?.code ?? '', look.code),
  );
const isLeftOut = (what: string): boolean => props.state.leftOut.includes(leftOut(at.value, what));

function see(look: Look, choice: LookChoice, things: readonly string[]): void {
  const practice = props.practice?.code ?? '';
  const says = words(props.speech, choice.says);
  emit(
    'see',
    things.map((asset) => seenBy(look, choice, says, { step: at.value, practice, asset, date: props.today })),
  );
}

/** “I did not look”: what was chosen before is taken back. */
function leaveLook(look: Look): void {
  const gone = new Set(seenAt(look));
  emit('change', {
    seen: props.state.seen.filter((one) => !gone.has(one)),
    leftOut: [...new Set([...props.state.leftOut, leftOut(at.value, look.code)])],
  });
}

function leaveReading(): void {
  const out = missing.value.reads.map((measure) => leftOut(at.value, measure));
  emit('change', { leftOut: [...new Set([...props.state.leftOut, ...out])] });
}

const takeUpReading = (): void => {
  const here = new Set(reads.value.map((measure) => leftOut(at.value, measure)));
  emit('change', { leftOut: props.state.leftOut.filter((one) => !here.has(one)) });
};

function startClock(): void {
  const until = new Date(Date.now() + (step.value?.waits ?? 0) * 1_000).toISOString();
  emit('change', { timers: { ...props.state.timers, [String(at.value)]: until } });
}

/** Nothing is asked, looked at, measured or waited for in a step. */
const isPlain = ({ cautions = [], looks = [], reads: measured = [], sums = [], waits }: Step): boolean =>
  looks.length + measured.length + sums.length === 0 &&
  waits === undefined &&
  hazardsOf(cautions).every((hazard) => !isAsked(hazard));
/** The next step that asks something; past the last where none does. */
const nextAsking = computed(() => {
  const further = steps.value.findIndex((one, place) => place > at.value && !isPlain(one));
  return further === -1 ? steps.value.length : further;
});
/** Steps of words alone can be ticked together by whoever knows them, once this one is answered. */
const mayTickSeveral = computed(
  () =>
    nextAsking.value > at.value + 1 &&
    gatesOpen.value &&
    missing.value.looks.length + missing.value.reads.length === 0,
);
const severalText = computed(() =>
  nextAsking.value === steps.value.length
    ? t.value('run.tickAll')
    : t.value('run.tickTo', { from: at.value + 1, to: nextAsking.value }),
);

function tickSeveral(): void {
  const these = steps.value.flatMap((_, place) =>
    place >= at.value && place < nextAsking.value ? [place] : [],
  );
  emit('change', { ticked: [...new Set([...props.state.ticked, ...these])] });
  if (nextAsking.value < steps.value.length) at.value = nextAsking.value;
  else emit('done');
}

function tick(): void {
  tried.value = true;
  if (refused.value !== '') return;
  const ticked = [...new Set([...props.state.ticked, at.value])];
  emit('change', { ticked });
  if (at.value + 1 < steps.value.length) at.value += 1;
  else emit('done');
}
</script>

<template>
  <section class="item" :aria-label="title" :data-item="item.key">
    <template v-if="step && inWords">
      <StepGates
        v-if="hazards.length > 0"
        :key="`gates ${at}`"
        :hazards="hazards"
        :answered="answered"
        :ways="ways"
        :speech="speech"
        @yes="answer"
        @danger="emit('hazard', $event)"
        @later="emit('later')"
        @hire="emit('hire')"
        @instead="emit('instead', $event)"
      />
      <p class="says" :class="{ closed: !gatesOpen }">
        <em v-if="inWords.stage">{{ inWords.stage }}: </em>{{ inWords.says }}
      </p>
      <StepFacts v-if="facts.length > 0" :facts="facts" :house="house" :speech="speech" />
      <PracticeDrawings :names="drawings" :folded="at !== firstWork" :speech="speech" />
      <p v-if="step.at === 'work' && takes.length > 0" class="small" data-test="takes">
        {{ t('run.takes') }}
        {{
          speech.formats.list(
            takes.map(({ supply, quantity }) =>
              t('run.takesSome', {
                what: nameIn(speech, 'supply', supply),
                n: speech.formats.number(quantity),
              }),
            ),
          )
        }}
      </p>
      <p v-if="step.waits" class="wait">
        <Button v-if="left === null" outlined data-act="clock" @click="startClock"
          >{{ t('run.waitStart') }}: {{ clockText(step.waits) }}</Button
        >
        <strong v-else-if="over" role="status">{{ t('run.waitOver') }}</strong>
        <span v-else role="timer">{{ t('run.waiting', { n: leftText }) }}</span>
      </p>
      <template v-if="gatesOpen">
        <StepLook
          v-for="look in step.looks ?? []"
          :key="`${at} ${look.code}`"
          :look="look"
          :assets="assets"
          :seen="seenAt(look)"
          :is-left-out="isLeftOut(look.code)"
          :speech="speech"
          @see="(choice, things) => see(look, choice, things)"
          @leave="leaveLook(look)"
        />
        <StepReadings
          v-if="reads.length > 0"
          :step="at"
          :reads="reads"
          :assets="assets"
          :taken="state.readings"
          :is-left-out="missing.reads.length === 0"
          :speech="speech"
          :measures="measures"
          :traits="traits"
          :known="known"
          @read="emit('read', { step: at, ...$event })"
          @forget="emit('forget', $event)"
          @leave="leaveReading"
          @take-up="takeUpReading"
        />
        <SumSheet v-for="sum in step.sums ?? []" :key="`${at} ${sum}`" :code="sum" :known="known" />
        <StepKnow
          v-if="practice && step.at === 'work'"
          :practice="practice"
          :signs="!asksAllAtOnce"
          :speech="speech"
        />
      </template>
    </template>
    <p v-else class="says">{{ title }}</p>
    <p v-if="refused" class="notice wrong" role="alert">{{ refused }}</p>
    <p class="ways foot">
      <Button class="big" data-act="tick" @click="tick">{{
        at + 1 < steps.length ? t('run.tick') : t('run.tickLast')
      }}</Button>
      <Button v-if="mayTickSeveral" outlined data-act="tick-several" @click="tickSeveral">{{
        severalText
      }}</Button>
      <Button v-if="at > 0" outlined data-act="back" @click="at -= 1">{{ t('run.back') }}</Button>
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

/* Where there is room the drawing stands beside the buttons, not above them. */
@media (min-width: 64rem) {
  .item {
    display: flow-root;
  }

  .item > * + * {
    margin-top: calc(var(--line) / 2);
  }

  .item > .drawings {
    float: right;
    width: 22rem;
    margin-left: 2rem;
  }
}
</style>
