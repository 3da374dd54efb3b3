<script setup lang="ts">
import Button from 'primevue/button';
import { computed, ref } from 'vue';
import AppSign from '../../kit/AppSign.vue';
import { GATES } from '../../../core/runs/data/gates.ts';
import { HAZARDS } from '../../../core/catalogue/data/hazards.ts';
import type { Hazard } from '../../../core/practice/lists.ts';
import { words, type Speech } from '../../../locales/speech.ts';

/** The cautions before a step: each with its question, and what to do where the answer is no. */
const props = defineProps<{
  hazards: readonly Hazard[];
  /** Those answered with yes. */
  answered: readonly Hazard[];
  ways: readonly { code: string; title: string }[];
  speech: Speech;
}>();
const emit = defineEmits<{
  yes: [hazard: Hazard];
  danger: [hazard: Hazard];
  later: [];
  hire: [];
  instead: [code: string];
}>();

const t = computed(() => props.speech.t);
/** The one answered with no. */
const refused = ref<Hazard | null>(null);
const gates = computed(() =>
  props.hazards.map((hazard) => {
    const { caution, stop } = HAZARDS[hazard];
    const asks = GATES[hazard];
    return {
      hazard,
      caution: words(props.speech, caution),
      stop: stop === null ? null : words(props.speech, stop),
      asks: asks === null ? null : words(props.speech, asks),
      isAnswered: props.answered.includes(hazard),
    };
  }),
);

function yes(hazard: Hazard): void {
  refused.value = null;
  emit('yes', hazard);
}
</script>

<template>
  <fieldset class="gates">
    <legend>{{ t('run.caution') }}</legend>
    <div
      v-for="gate in gates"
      :key="gate.hazard"
      class="gate"
      :class="{ answered: gate.isAnswered || gate.asks === null }"
      :data-gate="gate.hazard"
    >
      <p v-if="gate.isAnswered" class="small"><AppSign name="sound" />{{ ' ' }}{{ gate.asks }}</p>
      <template v-else>
        <p :class="{ small: gate.asks !== null }">{{ gate.caution }}</p>
        <template v-if="gate.asks !== null">
          <p>
            <strong>{{ gate.asks }}</strong>
          </p>
          <p v-if="refused !== gate.hazard" class="ways">
            <Button data-act="gate-yes" @click="yes(gate.hazard)">{{ t('run.gate.yes') }}</Button>
            <Button outlined data-act="gate-no" @click="refused = gate.hazard">{{ t('run.gate.no') }}</Button>
          </p>
          <div v-else class="next" role="group" :aria-label="t('run.gate.noTitle')">
            <p>{{ t('run.gate.noTitle') }}</p>
            <Button outlined data-act="gate-later" @click="emit('later')">{{ t('run.gate.later') }}</Button>
            <Button outlined data-act="gate-hire" @click="emit('hire')">{{ t('run.gate.hire') }}</Button>
            <Button
              v-for="way in ways"
              :key="way.code"
              outlined
              data-act="gate-instead"
              @click="emit('instead', way.code)"
              >{{ t('run.wayInstead') }}: {{ way.title }}</Button
            >
            <Button text data-act="gate-mistaken" @click="refused = null">{{
              t('run.gate.mistaken')
            }}</Button>
          </div>
        </template>
        <p v-if="gate.stop" class="stop-if small">
          <span><AppSign name="stop" />{{ ' ' }}{{ t('run.gate.stopIf', { when: gate.stop }) }}</span>
          <Button text data-act="danger" @click="emit('danger', gate.hazard)">{{
            t('run.gate.isSo')
          }}</Button>
        </p>
      </template>
    </div>
  </fieldset>
</template>

<style scoped>
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

.ways {
  display: flex;
  gap: 0.75rem;
}

.next {
  display: grid;
  justify-items: start;
  gap: 0.375rem;
}

.stop-if {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 0 0.5rem;
}
</style>
