<script setup lang="ts">
import Button from 'primevue/button';
import { makeBody } from '../../../core/ledger/write/makeBody.ts';
import { computed, ref } from 'vue';
import RuledLine from '../../kit/RuledLine.vue';
import type { CivilDate } from '../../../core/calendar/civilDate.ts';
import type { EntryBody } from '../../../core/ledger/entry.ts';
import { proposedTerms } from '../../../core/upkeep/traitEntries.ts';
import { practiceTitle, ruleText } from '../../../locales/practiceText.ts';
import { factorName } from '../../../locales/reasonText.ts';
import { sleepText } from '../../../locales/sleepText.ts';
import { capital, dateText, words, uncapital, type Speech } from '../../../locales/speech.ts';
import { useWriting, type Sent } from '../../composables/useWriting.ts';
import { useHome } from '../../stores/home.ts';
import ActPanel from './ActPanel.vue';
import ChangePanel from './ChangePanel.vue';
import NextDates from './NextDates.vue';
import { firstUnit, type KeptLine } from './keptLines.ts';

import { lookOfGrade } from '../../parts/task/look.ts';

/** One task and its schedule, on one thing or several, in two lines; opened, with its terms, what evidence says, and what can be done about it. */
const props = defineProps<{
  line: KeptLine;
  homeId: string;
  speech: Speech;
  mayWrite: boolean;
  /** The last day it was done; undefined where that is not known. */
  last?: CivilDate | undefined;
  /** Opens with the approaches side by side. */
  changing?: boolean;
}>();
/** Whether the row shows all there is, or its two lines. */
const isOpen = defineModel<boolean>('opened', { default: false });
const emit = defineEmits<{ written: [sent: Sent, text: string] }>();

type Panel = 'dates' | 'change' | 'proposed' | 'pause' | 'resume' | 'retire';
const open = ref<Panel | null>(props.changing && props.line.standing !== 'given-up' ? 'change' : null);
const home = useHome();
const { write } = useWriting();
const t = computed(() => props.speech.t);
const title = computed(() => practiceTitle(props.speech, props.line.practice));
const things = computed(() => props.speech.formats.list(props.line.units.map(({ asset }) => asset.name)));
const first = computed(() => firstUnit(props.line));
const next = computed(() => first.value?.kept.next[0] ?? null);
const schoolName = computed(() => {
  const { known, terms } = props.line;
  const school = known?.kind === 'duty' ? known.schools.find(({ code }) => code === terms.school) : undefined;
  return school ? words(props.speech, school.name) : t.value('upkeep.own');
});
const said = computed(() => {
  const { terms, units } = props.line;
  const kept = units[0]?.kept;
  const wears = terms.factors.map(({ code, value }) => `${factorName(props.speech, code)} ×${value}`);
  return [
    `${schoolName.value}: ${ruleText(props.speech, terms.rule)}`,
    ...(wears.length > 0 ? [t.value('upkeep.wears', { factors: props.speech.formats.list(wears) })] : []),
    t.value('upkeep.by', { doer: t.value(`doer.${terms.doer}`) }),
    ...(kept?.minutes && kept.minutesFrom
      ? [
          t.value('upkeep.takes', {
            n: kept.minutes,
            from: t.value(`upkeep.minutesFrom.${kept.minutesFrom}`),
          }),
        ]
      : []),
    ...(kept ? [t.value('upkeep.since', { since: dateText(props.speech, kept.since) })] : []),
  ].join('; ');
});
/** How often, and the day it was last done. */
const often = computed(() =>
  [
    ruleText(props.speech, props.line.terms.rule),
    props.last === undefined
      ? t.value('today.lastNone')
      : t.value('today.lastDone', { on: dateText(props.speech, props.last) }),
  ].join(' · '),
);
const standing = computed(() => {
  const kept = props.line.units[0]?.kept;
  if (kept?.retiredOn) return t.value('upkeep.given', { on: dateText(props.speech, kept.retiredOn) });
  if (kept?.pausedSince) return t.value('upkeep.paused', { since: dateText(props.speech, kept.pausedSince) });
  return null;
});
const asleep = computed(() => {
  const row = home.rows.find(({ dutyId }) => dutyId === props.line.units[0]?.duty.id);
  return row?.sleep ? sleepText(props.speech, row.sleep) : t.value('upkeep.notDue');
});
const proposing = computed(() => props.line.units.find(({ kept }) => kept.proposal));
const proposal = computed(() => proposing.value?.kept.proposal ?? null);
const taken = computed(() =>
  proposal.value ? proposedTerms(props.line.terms, proposal.value.days) : props.line.terms,
);

const toggle = (panel: Panel): void => {
  open.value = open.value === panel ? null : panel;
};

async function dismiss(): Promise<void> {
  const { value: unit } = proposing;
  if (!unit?.kept.proposal || !home.on) return;
  const body: EntryBody = makeBody('dismissed', { duty: unit.duty.id, days: unit.kept.proposal.days });
  const text = t.value('upkeep.dismissed', { title: title.value });
  emit('written', await write([{ date: home.on, body }], text), text);
}
</script>

<template>
  <component
    :is="next ? RuledLine : 'li'"
    v-bind="next ? { date: next.window.due, speech } : {}"
    :class="next ? '' : 'dateless'"
    :data-kept="title"
  >
    <div>
      <p>
        <Button text class="title" data-act="open" :aria-expanded="isOpen" @click="isOpen = !isOpen"
          ><strong>{{ title }}</strong> <span class="soft">{{ things }}</span></Button
        >
      </p>
      <p class="small soft">{{ capital(often) }}</p>
      <p v-if="isOpen" class="small">{{ capital(said) }}.</p>
      <p v-if="standing" class="small standing">{{ capital(standing) }}.</p>
      <p v-else-if="!next" class="small soft">{{ asleep }}</p>
      <div v-if="proposal && open !== 'proposed'" class="proposal small">
        <p>
          {{
            t('upkeep.proposal', {
              days: proposal.days,
              low: proposal.low,
              high: proposal.high,
              present: proposal.present,
            })
          }}
          <template v-if="mayWrite">
            <Button text data-act="accept" @click="toggle('proposed')">
              {{ t('upkeep.accept') }}<span class="unseen"> {{ title }}</span>
            </Button>
            <Button text data-act="dismiss" @click="dismiss">
              {{ t('upkeep.dismiss') }}<span class="unseen">: {{ title }}</span>
            </Button>
          </template>
        </p>
        <details>
          <summary>{{ t('upkeep.looks') }}</summary>
          <ul>
            <li v-for="look in proposal.looks" :key="look.on">
              {{
                t(look.boundOnly ? 'upkeep.lookBound' : 'upkeep.look', {
                  on: dateText(speech, look.on),
                  grade: uncapital(t(`log.grade.${lookOfGrade(look.grade)}`)),
                  days: look.days,
                })
              }}
            </li>
          </ul>
        </details>
      </div>
      <p v-if="isOpen" class="acts no-print">
        <Button v-if="next" text data-act="dates" :aria-expanded="open === 'dates'" @click="toggle('dates')">
          {{ t('upkeep.dates') }}<span class="unseen">: {{ title }}</span>
        </Button>
        <template v-if="mayWrite && line.standing !== 'given-up'">
          <Button text data-act="change" :aria-expanded="open === 'change'" @click="toggle('change')">
            {{ t('upkeep.change') }}<span class="unseen">: {{ title }}</span>
          </Button>
          <Button
            v-if="line.standing === 'kept'"
            text
            data-act="pause"
            :aria-expanded="open === 'pause'"
            @click="toggle('pause')"
          >
            {{ t('upkeep.pause') }}<span class="unseen">: {{ title }}</span>
          </Button>
          <Button v-else text data-act="resume" :aria-expanded="open === 'resume'" @click="toggle('resume')">
            {{ t('upkeep.resume') }}<span class="unseen">: {{ title }}</span>
          </Button>
          <Button text data-act="retire" :aria-expanded="open === 'retire'" @click="toggle('retire')">
            {{ t('upkeep.retire') }}<span class="unseen">: {{ title }}</span>
          </Button>
        </template>
      </p>
      <NextDates v-if="isOpen && open === 'dates'" :line="line" :speech="speech" />
      <ChangePanel
        v-else-if="(isOpen && open === 'change') || open === 'proposed'"
        :key="open"
        :line="line"
        :start="open === 'proposed' ? taken : line.terms"
        :home-id="homeId"
        :speech="speech"
        :title="title"
        @close="open = null"
        @written="(sent, text) => emit('written', sent, text)"
      />
      <ActPanel
        v-else-if="isOpen && open !== null && open !== 'dates' && open !== 'change'"
        :key="open"
        :act="open"
        :line="line"
        :home-id="homeId"
        :speech="speech"
        :title="title"
        @close="open = null"
        @written="(sent, text) => emit('written', sent, text)"
      />
    </div>
  </component>
</template>

<style scoped>
/* Everything stands in the text column: what can be done here is more than fits beside it. */
li {
  --acts: 0;
}

.title {
  display: block;
  width: 100%;
  min-height: 2rem;
  padding: 0;
  color: inherit;
  font: inherit;
  text-align: left;
}

.dateless {
  padding: calc(var(--line) / 2) 0 calc(var(--line) / 2) calc(var(--margin-column) + 2.25rem);
}

.acts {
  display: flex;
  flex-wrap: wrap;
  gap: 0 1.25rem;
}

.standing,
.proposal {
  color: var(--brine);
}

.proposal {
  padding-left: 0.75rem;
  border-left: 1px solid var(--brine);
}

.proposal ul {
  color: var(--ink);
}

@media (max-width: 44rem) {
  .title {
    min-height: 2.75rem;
  }

  .dateless {
    padding-left: 5.25rem;
  }
}
</style>
