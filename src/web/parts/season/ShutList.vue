<script setup lang="ts">
import { computed } from 'vue';
import AppSign from '../../kit/AppSign.vue';
import type { HouseBody, StandingBody } from '../../../contract/schemas.ts';
import { currentUnit } from '../../../core/house/house.ts';
import { factName } from '../../../locales/factName.ts';
import { capital, type Speech } from '../../../locales/speech.ts';
import StateQuestion from './StateQuestion.vue';
import { askedSoon, seasonName, shutText } from './seasonLines.ts';

/** Things shut off for the season, since when and until when. An unknown state is asked about as its season changes. */
const props = defineProps<{
  lines: StandingBody['lines'];
  marks: StandingBody['marks'];
  house: HouseBody;
  speech: Speech;
  mayWrite: boolean;
  busy: boolean;
  /** Asked in another place already, by thing and state. */
  asked?: ReadonlySet<string>;
}>();
const emit = defineEmits<{ turn: [asset: string, state: string, kind: 'shut' | 'opened', text: string] }>();

const t = computed(() => props.speech.t);
const keyOf = ({ asset, state }: { asset: string; state: string }): string => `${asset} ${state}`;
const shut = computed(() =>
  props.lines
    .filter(({ standing }) => standing === 'closed')
    .map((line) => ({
      key: keyOf(line),
      name: seasonName(props.speech, props.house, line),
      ...shutText(props.speech, line),
    })),
);
const unknown = computed(() =>
  askedSoon(props.speech, props.lines)
    .filter((line) => props.asked?.has(keyOf(line)) !== true)
    .map((line) => ({ line, name: seasonName(props.speech, props.house, line) })),
);
const marks = computed(() =>
  props.marks.map(({ asset, fact, value }) => ({
    key: `${asset} ${fact}`,
    text: `${currentUnit(props.house.assets, asset)?.name ?? ''}, ${factName(props.speech, fact)}: ${value}`,
  })),
);
function answer({ line, name }: (typeof unknown.value)[number], isShut: boolean): void {
  const kind = isShut ? 'shut' : 'opened';
  emit('turn', line.asset, line.state, kind, t.value(`note.said.${kind}`, { what: name }));
}
</script>

<template>
  <section v-if="shut.length + unknown.length + marks.length > 0" aria-labelledby="section-shut">
    <h2 id="section-shut">{{ t('strip.title') }}</h2>
    <ul class="plain">
      <li v-for="line in shut" :key="line.key">
        <AppSign name="shut" /> {{ line.name }}
        <span class="soft small"
          >{{ line.since
          }}<template v-if="line.again"
            >, <span :class="{ past: line.late }">{{ line.again }}</span></template
          ></span
        >
      </li>
      <li v-for="one in unknown" :key="keyOf(one.line)">
        <StateQuestion
          :question="t('strip.isShut', { what: one.name })"
          :speech="speech"
          :busy="busy"
          :may-write="mayWrite"
          @answer="answer(one, $event)"
        />
      </li>
      <li v-for="mark in marks" :key="mark.key" class="soft small">{{ capital(mark.text) }}</li>
    </ul>
  </section>
</template>
