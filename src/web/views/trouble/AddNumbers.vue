<script setup lang="ts">
import Button from 'primevue/button';
import InputText from 'primevue/inputtext';
import { computed, reactive, ref } from 'vue';
import FieldRow from '../../kit/FieldRow.vue';
import type { FactValue } from '../../../core/basics/factValue.ts';
import { CONTACTS } from '../../../core/house/emergencyPoints.ts';
import { makeBody } from '../../../core/ledger/write/makeBody.ts';
import { factName } from '../../../locales/factName.ts';
import type { Speech } from '../../../locales/speech.ts';
import { useWriting, type Sent } from '../../composables/useWriting.ts';
import { useHome } from '../../stores/home.ts';

/** The numbers of a home, written where they are looked for. */
const props = defineProps<{
  facts: Readonly<Record<string, FactValue>>;
  /** The house itself, whose facts they are. */
  asset: string;
  speech: Speech;
}>();
const emit = defineEmits<{ saved: [sent: Sent, numbers: Readonly<Record<string, string>>] }>();

const home = useHome();
const { write } = useWriting();
const t = computed(() => props.speech.t);
const open = ref(false);
const busy = ref(false);
const textOf = (code: string): string => {
  const value = props.facts[code];
  return typeof value === 'string' ? value : '';
};
const typed = reactive<Record<string, string>>(
  Object.fromEntries(CONTACTS.map((code) => [code, textOf(code)])),
);

async function save(): Promise<void> {
  const { on } = home;
  const changed = CONTACTS.filter((code) => (typed[code] ?? '').trim() !== textOf(code));
  if (busy.value || on === null) return;
  if (changed.length === 0) {
    open.value = false;
    return;
  }
  busy.value = true;
  try {
    const numbers = Object.fromEntries(changed.map((code) => [code, (typed[code] ?? '').trim()]));
    const wanted = changed.map((code) => {
      const value = numbers[code] === '' ? null : (numbers[code] ?? null);
      return { date: on, body: makeBody('fact', { asset: props.asset, fact: code, value }) };
    });
    const sent = await write(wanted, t.value('trouble.addNumbers'));
    if (sent.outcome.kind !== 'refused') open.value = false;
    emit('saved', sent, numbers);
  } finally {
    busy.value = false;
  }
}
</script>

<template>
  <div class="no-print">
    <Button v-if="!open" text data-act="add-numbers" @click="open = true">{{
      t('trouble.addNumbers')
    }}</Button>
    <form v-else class="form" novalidate @submit.prevent="save">
      <FieldRow v-for="code in CONTACTS" :key="code" v-slot="row" :label="factName(speech, code)">
        <InputText :id="row.id" v-model="typed[code]" maxlength="200" :data-number="code" />
      </FieldRow>
      <p class="ways">
        <Button type="submit" :disabled="busy">{{ t('trouble.saveNumbers') }}</Button>
        <Button text @click="open = false">{{ t('shell.cancel') }}</Button>
      </p>
    </form>
  </div>
</template>

<style scoped>
.ways {
  display: flex;
  gap: 0.75rem;
}
</style>
