<script setup lang="ts">
import { shallowRef, watch } from 'vue';
import type { CivilDate } from '../../../core/calendar/civilDate.ts';
import { sleepText } from '../../../locales/sleepText.ts';
import { dateText, type Speech } from '../../../locales/speech.ts';
import type { Trial } from '../../composables/useTrial.ts';
import type { Unit } from './lines.ts';

/**
 * Says before some tasks are logged what follows from it. It has its place from the start, and the last answer stands until the next
 * is there: the button below it does not move while somebody aims at it.
 */
const props = defineProps<{
  units: readonly Unit[];
  /** The day they would be logged for; null while it is none. */
  on: CivilDate | null;
  today: CivilDate;
  trial: Trial;
  speech: Speech;
}>();

interface Effect {
  readonly text: string;
  /** It would not count for what is due. */
  readonly extra: boolean;
}
const effects = shallowRef<readonly Effect[]>([]);
watch(
  () => props.trial,
  (trial) => {
    const { on } = props;
    if (trial.kind === 'waiting') return;
    effects.value =
      trial.kind === 'known' && on !== null ? props.units.map((unit) => effectOf(unit, on, trial)) : [];
  },
  { immediate: true },
);

function effectOf(unit: Unit, on: CivilDate, { moves, extras }: Extract<Trial, { kind: 'known' }>): Effect {
  const { t, formats } = props.speech;
  const name = unit.asset.name;
  const extra = extras.find(({ dutyId }) => dutyId === unit.duty.id);
  if (extra) {
    const { stood } = extra;
    if (!stood || on >= stood.earliest) return { text: t('log.extraNothing', { unit: name }), extra: true };
    const dates = {
      earliest: dateText(props.speech, stood.earliest),
      due: dateText(props.speech, stood.due),
    };
    return { text: t('log.extra', { unit: name, ...dates }), extra: true };
  }
  const move = moves.find(({ dutyId }) => dutyId === unit.duty.id);
  const due = move ? move.to : unit.occurrence.window.due;
  if (due === null) {
    const why = move?.sleep ? ` ${sleepText(props.speech, move.sleep)}` : '';
    return { text: `${t('log.nothing', { unit: name })}${why}`, extra: false };
  }
  const distance = formats.distance(props.today, due);
  const key = move ? 'log.moves' : 'log.stays';
  return { text: t(key, { unit: name, due: dateText(props.speech, due), distance }), extra: false };
}
</script>

<template>
  <div class="effects" role="status" :style="{ '--units': units.length }">
    <template v-if="effects.length > 0">
      <p>
        <strong>{{ speech.t('log.effect') }}</strong>
      </p>
      <p v-for="(effect, place) in effects" :key="place" class="small" :class="{ extra: effect.extra }">
        {{ effect.text }}
      </p>
    </template>
  </div>
</template>

<style scoped>
/* The heading, and one line for each task; on a phone most sentences take two. */
.effects {
  min-height: calc(var(--line) * (1 + var(--units)));
}

@media (width < 30rem) {
  .effects {
    min-height: calc(var(--line) * (1 + 2 * var(--units)));
  }
}

.extra {
  color: var(--rust);
}
</style>
