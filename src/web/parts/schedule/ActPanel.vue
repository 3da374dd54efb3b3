<script setup lang="ts">
import Button from 'primevue/button';
import { makeBody } from '../../../core/ledger/write/makeBody.ts';
import { computed, ref } from 'vue';
import FormFoot from '../../kit/FormFoot.vue';
import MovesList from '../../kit/MovesList.vue';
import TextField from '../../kit/TextField.vue';
import type { EntryBody } from '../../../core/ledger/entry.ts';
import type { Speech } from '../../../locales/speech.ts';
import { useTrial } from '../../composables/useTrial.ts';
import { useWriting, type Sent } from '../../composables/useWriting.ts';
import { useHome } from '../../stores/home.ts';
import { dutyName } from '../../parts/entry/describe.ts';
import type { KeptLine } from './keptLines.ts';

/** Pausing, taking up again, giving up: what it moves is said before it is done. */
const props = defineProps<{
  act: 'pause' | 'resume' | 'retire';
  line: KeptLine;
  homeId: string;
  speech: Speech;
  title: string;
}>();
const emit = defineEmits<{ close: []; written: [sent: Sent, text: string] }>();

const SAID = { pause: 'pausedNow', resume: 'resumedNow', retire: 'retiredNow' } as const;
const home = useHome();
const { write } = useWriting();
const t = computed(() => props.speech.t);
const why = ref('');
const busy = ref(false);
const bodies = computed(() =>
  props.line.units.map(({ duty }): EntryBody => {
    const reason = why.value.trim() === '' ? {} : { why: why.value.trim() };
    switch (props.act) {
      case 'pause':
        return makeBody('paused', { duty: duty.id, ...reason });
      case 'resume':
        return makeBody('resumed', { duty: duty.id });
      case 'retire':
        return makeBody('retired', { duty: duty.id, ...reason });
    }
  }),
);
const trial = useTrial(props.homeId, () => bodies.value);
const nameOf = (id: string): string => (home.house ? dutyName(home.house, id, props.speech) : id);

async function save(): Promise<void> {
  const { on } = home;
  if (busy.value || !on) return;
  busy.value = true;
  const text = t.value(`upkeep.${SAID[props.act]}`, { title: props.title });
  const sent = await write(
    bodies.value.map((body) => ({ date: on, body })),
    text,
  );
  busy.value = false;
  emit('written', sent, text);
}
</script>

<template>
  <form class="form panel" novalidate @submit.prevent="save">
    <p>
      <strong>{{ t(`upkeep.${act}Title`, { title }) }}</strong>
    </p>
    <p>{{ t(`upkeep.${act}Lead`) }}</p>
    <TextField v-if="act !== 'resume'" v-model="why" :label="t('upkeep.why')" maxlength="200" />
    <MovesList :trial="trial" :speech="speech" :name-of="nameOf" />
    <FormFoot error="" :send="t(`upkeep.${act}Save`)" :busy="busy" :grave="act === 'retire'">
      <Button text @click="emit('close')">{{ t('shell.cancel') }}</Button>
    </FormFoot>
  </form>
</template>

<style scoped>
.panel {
  max-width: 40rem;
  margin: calc(var(--line) / 2) 0;
}
</style>
