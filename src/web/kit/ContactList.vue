<script setup lang="ts">
import { computed } from 'vue';
import { CONTACTS } from '../../core/house/emergencyPoints.ts';
import { emergencyNumber } from '../../core/house/emergencyNumber.ts';
import type { FactValue } from '../../core/basics/factValue.ts';
import { factName } from '../../locales/factName.ts';
import type { Speech } from '../../locales/speech.ts';

/** Whom a house calls, by what is known of it; a number can be pressed to call it. */
const props = defineProps<{
  facts: Readonly<Record<string, FactValue>>;
  /** The country the home stands in, by its two letters: its emergency number is known from the start. */
  country: FactValue | undefined;
  speech: Speech;
}>();

/** The number to dial within a written text: digits with their usual dividers, two at least. */
const NUMBER = /\+?\d[\d\s()./-]*\d/;
const emergency = computed(() => {
  const { number, isSure } = emergencyNumber(props.country);
  const written = props.facts['emergency-number'];
  return typeof written === 'string' && written !== '' ? null : { number, isSure };
});
const contacts = computed(() =>
  CONTACTS.flatMap((code) => {
    const value = props.facts[code];
    if (typeof value !== 'string') return [];
    const [written] = NUMBER.exec(value) ?? [];
    const dial = written === undefined ? null : `tel:${written.replaceAll(/[^\d+]/g, '')}`;
    return [{ code, name: factName(props.speech, code), value, dial }];
  }),
);
</script>

<template>
  <dl class="contacts">
    <div v-if="emergency" data-contact="emergency">
      <dt>
        {{ speech.t('sheet.emergency')
        }}<span v-if="!emergency.isSure" class="soft small">. {{ speech.t('sheet.checkNumber') }}</span>
      </dt>
      <dd>
        <a :href="`tel:${emergency.number}`">{{ emergency.number }}</a>
      </dd>
    </div>
    <div v-for="one in contacts" :key="one.code">
      <dt>{{ one.name }}</dt>
      <dd>
        <a v-if="one.dial" :href="one.dial">{{ one.value }}</a>
        <template v-else>{{ one.value }}</template>
      </dd>
    </div>
  </dl>
</template>

<style scoped>
.contacts {
  columns: 20rem 2;
}

.contacts div {
  display: flex;
  justify-content: space-between;
  gap: 0.75rem;
  border-bottom: 1px solid var(--rule);
  break-inside: avoid;
}

dd {
  font-weight: 600;
  text-align: right;
}
</style>
