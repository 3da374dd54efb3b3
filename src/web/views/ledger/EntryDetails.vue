<script setup lang="ts">
import Button from 'primevue/button';
import { computed, ref } from 'vue';
import type { HouseBody, LedgerLine } from '../../../contract/schemas.ts';
import { judgedParts } from '../../../core/readings/judgedAgain.ts';
import { dateText, type Speech } from '../../../locales/speech.ts';
import { usePhotos } from '../../composables/usePhotos.ts';
import ReadingGauges from '../../kit/ReadingGauges.vue';
import ReachedFrom from '../../parts/entry/ReachedFrom.vue';
import { describeBody, personName } from '../../parts/entry/describe.ts';

/** All there is about an entry: what it said before every correction, how a result was reached, who wrote it, and what can be done about it. */
const props = defineProps<{
  line: LedgerLine;
  house: HouseBody;
  speech: Speech;
  mayCorrect: boolean;
  mayStrike: boolean;
  busy: boolean;
}>();
const emit = defineEmits<{ correct: []; strike: []; restore: [] }>();

const t = computed(() => props.speech.t);
const voided = computed(() => props.line.voidedBy !== null);
const now = computed(() => describeBody(props.line.body, props.house, props.speech));
const before = computed(() => describeBody(props.line.entry.body, props.house, props.speech));

/** Every field that says something else than when it was written: what was beside what is. */
const changes = computed(() => {
  const fields = [...new Set([...before.value.says, ...now.value.says].map(({ field }) => field))];
  const textOf = (says: typeof now.value.says, field: string): string =>
    says.find((one) => one.field === field)?.text ?? t.value('ledger.none');
  const changed = fields.map((field) => ({
    field,
    was: textOf(before.value.says, field),
    is: textOf(now.value.says, field),
  }));
  const { date, entry } = props.line;
  const days =
    date === entry.date
      ? []
      : [{ field: 'date', was: dateText(props.speech, entry.date), is: dateText(props.speech, date) }];
  return [...days, ...changed.filter(({ was, is }) => was !== is)];
});

const corrections = computed(() =>
  props.line.corrections.map(({ id, stampedAt, by, body }) => {
    const when = props.speech.formats.instant(stampedAt, props.house.home.zone);
    const key =
      body.kind === 'amends'
        ? 'amendment'
        : body.kind === 'voids' && isRestoring(body.target)
          ? 'unvoided'
          : 'voided';
    const why = body.kind === 'amends' || body.kind === 'voids' ? body.why : undefined;
    return { id, text: t.value(`ledger.${key}`, { when, who: personName(props.house, by) }), why };
  }),
);

/** A void aimed at a void brings the entry back. */
function isRestoring(target: string): boolean {
  return props.line.corrections.some(({ id, body }) => id === target && body.kind === 'voids');
}

const photo = computed(() => {
  const { body } = props.line;
  return (body.kind === 'finding' || body.kind === 'note') && body.photo
    ? usePhotos(props.house.home.id).address(body.photo)
    : null;
});

const showsReached = ref(false);
/** A measurement, or what it found, with what was put in for it. */
const reached = computed(() => {
  const { body } = props.line;
  return (body.kind === 'reading' || body.kind === 'finding') && body.given ? body : null;
});

/** The value on its bands. */
const gauge = computed(() => {
  const { body } = props.line;
  return body.kind === 'reading' || body.kind === 'finding' ? judgedParts(body) : null;
});

const written = computed(() => {
  const { stampedAt, by } = props.line.entry;
  return t.value('ledger.by', {
    when: props.speech.formats.instant(stampedAt, props.house.home.zone),
    who: personName(props.house, by),
  });
});
</script>

<template>
  <div class="whole" data-details>
    <ReadingGauges v-if="gauge" v-bind="gauge" :speech="{ ...speech, currency: house.home.currency }" />
    <p v-if="reached" class="small no-print">
      <Button text data-act="reached" :aria-expanded="showsReached" @click="showsReached = !showsReached"
        >{{ t('ledger.reached') }}<span class="unseen">: {{ now.about }}</span></Button
      >
    </p>
    <ReachedFrom
      v-if="reached && showsReached"
      :body="reached"
      :speech="{ ...speech, currency: house.home.currency }"
    />
    <p v-if="photo" class="small no-print">
      <a :href="photo" target="_blank" rel="noopener"
        >{{ t('findings.photoShow') }}<span class="unseen">: {{ now.about }}</span></a
      >
    </p>
    <dl v-if="changes.length > 0" class="changes small">
      <div v-for="change in changes" :key="change.field">
        <dt>{{ t(`ledger.field.${change.field}`) }}</dt>
        <dd>
          {{ t('ledger.was') }} <del>{{ change.was }}</del>, {{ t('ledger.is') }} <ins>{{ change.is }}</ins>
        </dd>
      </div>
    </dl>
    <p class="soft small">{{ written }}</p>
    <p v-for="correction in corrections" :key="correction.id" class="soft small">
      {{ correction.text }}<template v-if="correction.why">: “{{ correction.why }}”</template>
    </p>
    <p class="acts no-print">
      <Button
        v-if="mayCorrect && !voided"
        outlined
        :disabled="busy"
        data-act="correct"
        @click="emit('correct')"
      >
        {{ t('ledger.correct') }}<span class="unseen"> {{ now.about }}</span>
      </Button>
      <Button v-if="mayStrike && !voided" outlined :disabled="busy" data-act="strike" @click="emit('strike')">
        {{ t('ledger.strike') }}<span class="unseen"> {{ now.about }}</span>
      </Button>
      <Button
        v-if="mayStrike && voided"
        outlined
        :disabled="busy"
        data-act="restore"
        @click="emit('restore')"
      >
        {{ t('ledger.restore') }}<span class="unseen"> {{ now.about }}</span>
      </Button>
    </p>
  </div>
</template>

<style scoped>
.whole {
  display: grid;
  gap: 0.25rem;
}

.acts {
  display: flex;
  flex-wrap: wrap;
  gap: 0.5rem;
}

del {
  color: var(--rust);
}

ins {
  color: var(--brine);
  text-decoration: none;
}

.changes div {
  display: flex;
  gap: 0.5rem;
}

dt {
  font-weight: 600;
}
</style>
