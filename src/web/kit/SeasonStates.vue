<script setup lang="ts">
import { computed } from 'vue';
import AppSign from './AppSign.vue';
import type { HouseBody, StandingBody } from '../../contract/schemas.ts';
import { daysBetween, type CivilDate } from '../../core/calendar/civilDate.ts';
import { currentUnit } from '../../core/house/house.ts';
import { factName } from '../../locales/factText.ts';
import { capital, dateText, nameIn, type Speech } from '../../locales/speech.ts';

/** Things shut, drained or covered: since when, and what opens it again; what nobody knows is asked for at the change of season. */
const props = defineProps<{
  lines: StandingBody['lines'];
  marks: StandingBody['marks'];
  house: HouseBody;
  speech: Speech;
  today: CivilDate;
}>();

/** An unknown state is asked for when its change is this near. */
const ASKED_DAYS = 30;

const nameOf = (asset: string, state: string): string => {
  const name = currentUnit(props.house.assets, asset)?.name ?? '';
  const what = nameIn(props.speech, 'state', state);
  return name.toLowerCase().includes(what.toLowerCase()) ? name : `${name} (${what})`;
};

const shut = computed(() =>
  props.lines
    .filter(({ standing }) => standing === 'closed')
    .map(({ asset, state, since, reopens }) => {
      const { t } = props.speech;
      const what = t('strip.shut', {
        what: nameOf(asset, state),
        since: since === null ? '' : dateText(props.speech, since),
      });
      const key = `${asset} ${state}`;
      if (!reopens) return { key, what, again: '', late: false };
      const duty = props.speech.dutyTitle(reopens.dutyId);
      if (reopens.on === null) return { key, what, again: t('strip.reopensSome', { duty }), late: false };
      const late = reopens.on < props.today;
      const on = dateText(props.speech, reopens.on);
      return { key, what, again: t(late ? 'strip.reopensLate' : 'strip.reopens', { duty, on }), late };
    }),
);
const unknown = computed(() =>
  props.lines
    .filter(
      ({ standing, nextOn }) =>
        standing === 'unknown' && nextOn !== null && daysBetween(props.today, nextOn) <= ASKED_DAYS,
    )
    .map(({ asset, state }) => nameOf(asset, state)),
);
const marks = computed(() =>
  props.marks.map(({ asset, fact, value }) => ({
    key: `${asset} ${fact}`,
    text: `${currentUnit(props.house.assets, asset)?.name ?? ''}, ${factName(props.speech, fact)}: ${value}`,
  })),
);
</script>

<template>
  <section
    v-if="shut.length + unknown.length + marks.length > 0"
    class="strip-of"
    :aria-label="speech.t('strip.title')"
  >
    <h2 v-if="shut.length > 0">{{ speech.t('strip.title') }}</h2>
    <ul>
      <li v-for="line in shut" :key="line.key">
        <AppSign name="shut" />{{ ' ' }}{{ line.what
        }}<template v-if="line.again"
          >; <span :class="{ late: line.late }">{{ line.again }}</span></template
        >.
      </li>
      <li v-if="unknown.length > 0" class="unknown">
        {{ speech.t('strip.unknown', { what: speech.formats.list(unknown) }) }}.
        <RouterLink class="no-print" :to="{ name: 'note', params: { homeId: house.home.id } }">{{
          speech.t('strip.noteLink')
        }}</RouterLink>
      </li>
      <li v-for="mark in marks" :key="mark.key" class="soft small">{{ capital(mark.text) }}</li>
    </ul>
  </section>
</template>

<style scoped>
.strip-of {
  margin-top: calc(var(--line) / 2);
  margin-left: var(--text-column);
}

h2 {
  font-size: 1rem;
}

li {
  padding-left: 1.5rem;
  text-indent: -1.5rem;
}

.late,
.unknown {
  color: var(--rust);
}

@media (max-width: 44rem) {
  .strip-of {
    margin-left: 0;
  }
}
</style>
