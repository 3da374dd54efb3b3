<script setup lang="ts">
import Button from 'primevue/button';
import { computed } from 'vue';
import type { HouseBody, StandingBody } from '../../../contract/schemas.ts';
import { currentUnit } from '../../../core/house/house.ts';
import { dateText, nameIn, type Speech } from '../../../locales/speech.ts';

/** Things shut and opened with the seasons: how it stands, since when, and when the other half is due. */
const props = defineProps<{
  lines: StandingBody['lines'];
  house: HouseBody;
  speech: Speech;
  today: string;
  mayWrite: boolean;
  busy: boolean;
}>();
const emit = defineEmits<{ turn: [asset: string, state: string, kind: 'shut' | 'opened', label: string] }>();

const t = computed(() => props.speech.t);
const shown = computed(() =>
  props.lines.map(({ asset, state, standing, since, nextOn }) => {
    const name = currentUnit(props.house.assets, asset)?.name ?? asset;
    const what = nameIn(props.speech, 'state', state);
    const next = nextOn === null ? '' : dateText(props.speech, nextOn);
    return {
      key: `${asset} ${state}`,
      asset,
      state,
      name,
      what,
      standing,
      how:
        standing === 'unknown'
          ? t.value('note.unknown', { next })
          : t.value(`note.${standing}`, { since: since === null ? '' : dateText(props.speech, since) }),
      next:
        standing === 'unknown' || nextOn === null
          ? ''
          : t.value(nextOn < props.today ? 'note.nextLate' : 'note.next', { next }),
      late: nextOn !== null && nextOn < props.today,
    };
  }),
);

function turn(line: (typeof shown.value)[number], kind: 'shut' | 'opened'): void {
  emit('turn', line.asset, line.state, kind, t.value(`note.said.${kind}`, { what: line.name }));
}
</script>

<template>
  <section class="standing" :aria-label="t('note.standing')">
    <h2>{{ t('note.standing') }}</h2>
    <p v-if="shown.length === 0" class="soft">{{ t('note.standingNone') }}</p>
    <ul v-else class="ruled">
      <li v-for="line in shown" :key="line.key" class="row" :data-standing="line.standing">
        <span>
          {{ line.name }} <span class="soft small">{{ line.what }}</span>
        </span>
        <span class="how">
          <strong v-if="line.standing === 'closed'">{{ line.how }}</strong>
          <em v-else-if="line.standing === 'unknown'">{{ line.how }}</em>
          <template v-else>{{ line.how }}</template>
          {{ ' ' }}<span class="small" :class="line.late ? 'past' : 'soft'">{{ line.next }}</span>
        </span>
        <span v-if="mayWrite" class="turns no-print">
          <Button v-if="line.standing !== 'closed'" text :disabled="busy" @click="turn(line, 'shut')">
            {{ t('note.itIsShut') }}<span class="unseen">: {{ line.name }}</span>
          </Button>
          <Button v-if="line.standing !== 'open'" text :disabled="busy" @click="turn(line, 'opened')">
            {{ t('note.itIsOpen') }}<span class="unseen">: {{ line.name }}</span>
          </Button>
        </span>
      </li>
    </ul>
  </section>
</template>

<style scoped>
.standing {
  margin-bottom: calc(var(--line) * 2);
}

.row {
  display: flex;
  flex-wrap: wrap;
  gap: 0 1.25rem;
  padding: 0.25rem 0;
}

.row > :first-child {
  flex: 1 1 12rem;
}

.how {
  flex: 2 1 16rem;
}

.turns {
  display: flex;
  gap: 1rem;
}
</style>
