<script setup lang="ts">
import Button from 'primevue/button';
import Checkbox from 'primevue/checkbox';
import { computed, reactive, ref } from 'vue';
import ChoiceField from '../../kit/ChoiceField.vue';
import TextField from '../../kit/TextField.vue';
import type { HouseBody } from '../../../contract/schemas.ts';
import { ENTRY_KINDS } from '../../../core/ledger/entry.ts';
import type { Speech } from '../../../locales/speech.ts';
import { thingName } from '../../../locales/thingName.ts';
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
    <div class="search">
      <TextField v-model="draft.text" :label="t('record.text')" type="search" maxlength="100" />
      <Button type="submit" :disabled="busy">{{ t('record.show') }}</Button>
      <Button v-if="isFiltered(draft)" text :disabled="busy" @click="clear">
        {{ t('record.clear') }}
      </Button>
    </div>
    <details :open="open">
      <summary>{{ t('record.more') }}</summary>
      <div class="pair">
        <ChoiceField
          v-model="draft.kind"
          :label="t('record.kind')"
          :options="[
            { value: '', label: t('record.any') },
            ...KINDS.map((kind) => ({ value: kind, label: t(`ledger.kind.${kind}`) })),
          ]"
        />
        <ChoiceField
          v-model="draft.asset"
          :label="t('record.thing')"
          :options="[
            { value: '', label: t('record.any') },
            ...house.assets.map((asset) => ({
              value: asset.id,
              label: thingName(speech, asset, house.spaces),
            })),
          ]"
        />
        <ChoiceField
          v-model="draft.task"
          :label="t('record.task')"
          :options="[
            { value: '', label: t('record.any') },
            ...tasks.map((task) => ({ value: task, label: task })),
          ]"
        />
        <ChoiceField
          v-model="draft.person"
          :label="t('record.person')"
          :options="[
            { value: '', label: t('record.any') },
            ...house.people.map((person) => ({ value: person.id, label: person.name })),
          ]"
        />
        <ChoiceField
          v-model="draft.verdict"
          :label="t('record.verdict')"
          :options="[
            { value: '', label: t('record.any') },
            ...VERDICTS.map((verdict) => ({ value: verdict, label: t(`note.verdicts.${verdict}`) })),
          ]"
        />
        <TextField v-model="draft.from" :label="t('record.from')" :error="errorAt('from')" type="date" />
        <TextField v-model="draft.to" :label="t('record.to')" :error="errorAt('to')" type="date" />
        <TextField
          v-model="draft.cost"
          :label="t('record.cost', { currency })"
          :error="errorAt('cost')"
          inputmode="decimal"
        />
      </div>
      <label class="tick">
        <Checkbox
          binary
          :model-value="draft.setup !== ''"
          data-test="setup"
          @update:model-value="draft.setup = $event ? 'shown' : ''"
        />
        {{ t('record.setup') }}
      </label>
    </details>
  </form>
</template>

<style scoped>
.filter {
  margin-bottom: calc(var(--line) / 2);
}

.tick {
  display: flex;
  gap: 0.5rem;
  align-items: center;
  min-height: 2.75rem;
}

.pair {
  margin-top: calc(var(--line) / 2);
}

.form .pair {
  grid-template-columns: repeat(auto-fit, minmax(11rem, 1fr));
}

.search {
  display: flex;
  flex-wrap: wrap;
  align-items: end;
  gap: 0.5rem 1rem;
}

.search > :first-child {
  flex: 1 1 12rem;
}
</style>
