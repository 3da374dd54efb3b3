<script setup lang="ts">
import Button from 'primevue/button';
import { computed, ref } from 'vue';
import PracticeDrawings from '../../drawings/PracticeDrawings.vue';
import StepList from '../../kit/StepList.vue';
import ApproachTable from './ApproachTable.vue';
import OwnWork from './OwnWork.vue';
import { drawingsOfPractice } from '../../../core/catalogue/drawings/ofPractice.ts';
import { disagreementsOn } from '../../../core/catalogue/disagreementsOn.ts';
import type { Practice } from '../../../core/practice/practice.ts';
import { capital, nameIn, words, type Speech } from '../../../locales/speech.ts';

/** One practice: its name, and on asking why, by which schools, its steps with the cautions at them, and what is judged. */
const props = defineProps<{
  practice: Practice;
  hidden: boolean;
  speech: Speech;
  /** The home in which it can be started; null where it cannot. */
  startIn: string | null;
  mayWrite: boolean;
  /** One's own, which the form can hold and is free for. */
  mayChange: boolean;
  busy: boolean;
}>();
const emit = defineEmits<{ hide: [hide: boolean]; change: [] }>();

const open = ref(false);
const t = computed(() => props.speech.t);
const say = (text: string): string => words(props.speech, text);
const title = computed(() => say(props.practice.title));
const disagreed = computed(() => disagreementsOn(props.practice).map(({ topic }) => say(topic)));
const verdicts = computed(() =>
  (['sound', 'watch', 'act', 'stop'] as const).flatMap((verdict) => {
    const text = props.practice.judge[verdict];
    return text === undefined ? [] : [{ verdict, text: say(text) }];
  }),
);
const takes = computed(() => {
  const { minutes, doers, tools, supplies, setUps } = props.practice;
  const list = props.speech.formats.list;
  return [
    t.value('today.effort', { n: minutes }),
    list(doers.map((doer) => t.value(`doer.${doer}`))),
    ...(setUps.length > 0 ? [list(setUps.map((code) => nameIn(props.speech, 'setUp', code)))] : []),
    ...(tools.length > 0 ? [list(tools.map((code) => nameIn(props.speech, 'tool', code)))] : []),
    ...(supplies.length > 0
      ? [list(supplies.map(({ supply }) => nameIn(props.speech, 'supply', supply)))]
      : []),
  ].map(capital);
});
</script>

<template>
  <li class="practice" :data-practice="practice.code" :class="{ hidden }">
    <Button text class="head" data-act="open" :aria-expanded="open" @click="open = !open">
      <span>{{ title }}</span>
      <span class="soft small"
        >{{ t(`practiceKind.${practice.kind}`)
        }}<template v-if="practice.lifeSafety">; {{ t('lifeSafety') }}</template
        ><template v-if="hidden">; {{ t('practices.hidden') }}</template></span
      >
    </Button>
    <div v-if="open" class="more">
      <p v-if="startIn !== null || mayWrite" class="acts no-print">
        <RouterLink
          v-if="startIn !== null && practice.kind !== 'habit'"
          class="k-button k-filled"
          data-act="start"
          :to="{ name: 'runs', params: { homeId: startIn }, query: { practice: practice.code } }"
          >{{ t('practices.start') }}<span class="unseen">: {{ title }}</span></RouterLink
        >
        <Button v-if="mayWrite && mayChange" outlined :disabled="busy" @click="emit('change')">
          {{ t('practices.change') }}<span class="unseen">: {{ title }}</span>
        </Button>
        <Button v-if="mayWrite" outlined :disabled="busy" @click="emit('hide', !hidden)">
          {{ hidden ? t('practices.show') : t('practices.hide') }}<span class="unseen">: {{ title }}</span>
        </Button>
      </p>
      <p>{{ say(practice.why) }}</p>
      <PracticeDrawings :names="drawingsOfPractice(practice.code)" :speech="speech" />
      <StepList :steps="practice.steps" :speech="speech" />
      <h3 v-if="verdicts.length > 0">{{ t('practices.look') }}</h3>
      <dl v-if="verdicts.length > 0">
        <template v-for="{ verdict, text } in verdicts" :key="verdict">
          <dt>{{ t(`practices.verdict.${verdict}`) }}</dt>
          <dd>{{ text }}</dd>
        </template>
      </dl>
      <template v-for="part in ['mistakes', 'notes'] as const" :key="part">
        <h3 v-if="practice[part].length > 0">{{ t(`practices.${part}`) }}</h3>
        <ul v-if="practice[part].length > 0" class="small">
          <li v-for="note in practice[part]" :key="note">{{ say(note) }}</li>
        </ul>
      </template>
      <template v-if="practice.kind === 'duty'">
        <h3>{{ t('practices.approaches', { n: practice.schools.length }, practice.schools.length) }}</h3>
        <ApproachTable :practice="practice" :speech="speech" />
      </template>
      <p v-if="disagreed.length > 0 && startIn !== null" class="small no-print">
        {{ t('practices.disagreed') }}
        <template v-for="(topic, index) in disagreed" :key="topic"
          >{{ index > 0 ? '; ' : ' '
          }}<RouterLink
            :to="{ name: 'disagreements', params: { homeId: startIn }, query: { find: topic } }"
            >{{ topic }}</RouterLink
          ></template
        >
      </p>
      <p class="soft small">{{ takes.join('. ') }}.</p>
      <OwnWork v-if="practice.kind !== 'habit' && practice.doers.includes('self')" :practice="practice" />
      <p class="soft small">{{ t('practices.first') }}</p>
    </div>
  </li>
</template>

<style scoped>
.head {
  display: block;
  width: 100%;
  min-height: 2.75rem;
  padding: 0.25rem 0;
  color: inherit;
  font-weight: 400;
  text-align: left;
}

.head .soft {
  margin-left: 0.5rem;
}

.head:hover {
  background: var(--wash);
}

.acts {
  display: flex;
  flex-wrap: wrap;
  gap: 0.5rem;
}

.hidden .head {
  color: var(--soft);
}

.more {
  display: grid;
  gap: calc(var(--line) / 2);
  max-width: 46rem;
  margin: calc(var(--line) / 4) 0 calc(var(--line) / 2);
  padding-left: 0.75rem;
  border-left: 1px solid var(--brine);
}

h3 {
  margin: 0;
  font-size: 1rem;
}

/* Where there is room the drawing stands beside the steps. */
@media (min-width: 75rem) {
  .more:has(> .drawings) {
    grid-template-columns: minmax(0, 1fr) 22rem;
    gap: calc(var(--line) / 2) 2rem;
    max-width: none;
  }

  .more:has(> .drawings) > * {
    grid-column: 1;
  }

  .more > .drawings {
    grid-column: 2;
    grid-row: 1 / span 4;
    align-self: start;
  }
}

dl {
  display: grid;
  grid-template-columns: auto 1fr;
  gap: 0 0.75rem;
}

dt {
  font-style: italic;
}
</style>
