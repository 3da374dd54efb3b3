<script setup lang="ts">
import type { TrialBody } from '../../contract/schemas.ts';
import { sleepText } from '../../locales/sleepText.ts';
import { dateText, type Speech } from '../../locales/speech.ts';

/** Which dates a change would move and by how much, before it is made. */
const props = defineProps<{
  trial:
    | { kind: 'nothing' }
    | { kind: 'waiting' }
    | { kind: 'known'; moves: TrialBody['moves'] }
    | { kind: 'failed'; why: string };
  speech: Speech;
  nameOf: (dutyId: string) => string;
}>();

type Move = TrialBody['moves'][number];

function moveText({ dutyId, from, to, days, sleep }: Move): string {
  const { t } = props.speech;
  const title = props.nameOf(dutyId);
  const on = (date: Move['from']): string => (date === null ? '' : dateText(props.speech, date));
  if (to === null)
    return t('upkeep.movedNone', {
      title,
      from: on(from),
      why: sleep ? sleepText(props.speech, sleep) : '',
    });
  if (from === null || days === null) return t('upkeep.movedNew', { title, to: on(to) });
  const by = t(days > 0 ? 'upkeep.later' : 'upkeep.sooner', { n: Math.abs(days) }, Math.abs(days));
  return t('upkeep.moved', { title, from: on(from), to: on(to), by });
}
</script>

<template>
  <div v-if="trial.kind !== 'nothing'" class="moves" role="status" data-test="moves">
    <p class="heading">{{ speech.t('upkeep.moves') }}</p>
    <p v-if="trial.kind === 'waiting'" class="soft">{{ speech.t('upkeep.movesWait') }}</p>
    <p v-else-if="trial.kind === 'failed'" class="wrong">
      {{ speech.t('upkeep.movesFailed', { why: trial.why }) }}
    </p>
    <p v-else-if="trial.moves.length === 0">{{ speech.t('upkeep.movesNone') }}</p>
    <ul v-else>
      <li v-for="move in trial.moves" :key="move.dutyId">{{ moveText(move) }}</li>
    </ul>
  </div>
</template>

<style scoped>
.moves {
  padding: calc(var(--line) / 4) 1rem;
  border-left: 3px double var(--brine);
}

.heading {
  font-weight: 600;
}

.wrong {
  color: var(--rust);
}

li + li {
  border-top: 1px solid var(--rule);
}
</style>
