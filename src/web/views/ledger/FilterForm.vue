<script setup lang="ts">
import { computed, reactive, ref } from 'vue';
import ChoiceField from '../../kit/ChoiceField.vue';
import TextField from '../../kit/TextField.vue';
import type { HouseBody } from '../../../contract/schemas.ts';
import { ENTRY_KINDS } from '../../../core/ledger/entry.ts';
import type { Speech } from '../../../locales/speech.ts';
import { isFiltered, NO_FILTER, tasksOf, type FilterDraft, type FilterField } from './ledgerFilter.ts';

/** Which entries are wanted: by words, what, thing, task, who, verdict, days and cost. */
const props = defineProps<{
  house: HouseBody;
  speech: Speech;
  filter: FilterDraft;
  wrong: FilterField | null;
  currency: string;
  busy: boolean;
}>();
const emit = defineEmits<{ filter: [draft: FilterDraft] }>();

const KINDS = ENTRY_KINDS.filter((kind) => kind !== 'amends' && kind !== 'voids');
const VERDICTS = ['sound', 'watch', 'act', 'stop'] as const;
const t = computed(() => props.speech.t);
const draft = reactive<FilterDraft>({ ...props.filter });
/** Open from the start where the address filters by more than words. */
const open = ref(isFiltered({ ...props.filter, text: '' }));
const tasks = computed(() => tasksOf(props.house, props.speech));
const errorAt = (field: FilterField): string | undefined =>
  props.wrong === field ? t.value(field === 'cost' ? 'problem.number' : 'problem.civil-date') : undefined;

function clear(): void {
  Object.assign(draft, NO_FILTER);
  emit('filter', { ...NO_FILTER });
}
</script>

<template>
  <form class="form filter no-print" role="search" novalidate @submit.prevent="emit('filter', { ...draft })">
    <TextField v-model="draft.text" :label="t('record.text')" type="search" maxlength="100" />
    <details :open="open">
      <summary>{{ t('record.more') }}</summary>
      <div class="pair">
        <ChoiceField v-model="draft.kind" :label="t('record.kind')">
          <option value="">{{ t('record.any') }}</option>
          <option v-for="kind in KINDS" :key="kind" :value="kind">{{ t(`ledger.kind.${kind}`) }}</option>
        </ChoiceField>
        <ChoiceField v-model="draft.asset" :label="t('record.thing')">
          <option value="">{{ t('record.any') }}</option>
          <option v-for="asset in house.assets" :key="asset.id" :value="asset.id">{{ asset.name }}</option>
        </ChoiceField>
        <ChoiceField v-model="draft.task" :label="t('record.task')">
          <option value="">{{ t('record.any') }}</option>
          <option v-for="task in tasks" :key="task" :value="task">{{ task }}</option>
        </ChoiceField>
        <ChoiceField v-model="draft.person" :label="t('record.person')">
          <option value="">{{ t('record.any') }}</option>
          <option v-for="person in house.people" :key="person.id" :value="person.id">
            {{ person.name }}
          </option>
        </ChoiceField>
        <ChoiceField v-model="draft.verdict" :label="t('record.verdict')">
          <option value="">{{ t('record.any') }}</option>
          <option v-for="verdict in VERDICTS" :key="verdict" :value="verdict">
            {{ t(`note.verdicts.${verdict}`) }}
          </option>
        </ChoiceField>
        <TextField v-model="draft.from" :label="t('record.from')" :error="errorAt('from')" type="date" />
        <TextField v-model="draft.to" :label="t('record.to')" :error="errorAt('to')" type="date" />
        <TextField
          v-model="draft.cost"
          :label="t('record.cost', { currency })"
          :error="errorAt('cost')"
          inputmode="decimal"
        />
      </div>
    </details>
    <p class="ways">
      <button type="submit" class="main" :disabled="busy">{{ t('record.show') }}</button>
      <button v-if="isFiltered(draft)" type="button" :disabled="busy" @click="clear">
        {{ t('record.clear') }}
      </button>
    </p>
  </form>
</template>

<style scoped>
.filter {
  margin-bottom: var(--line);
}

.pair {
  margin-top: calc(var(--line) / 2);
}

.form .pair {
  grid-template-columns: repeat(auto-fit, minmax(11rem, 1fr));
}

.ways {
  display: flex;
  gap: 1.5rem;
}
</style>
