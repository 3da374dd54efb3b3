<script setup lang="ts">
import { computed, reactive } from 'vue';
import ChoiceField from '../../kit/ChoiceField.vue';
import FindingFields from '../../parts/finding/FindingFields.vue';
import { readFinding } from '../../parts/finding/findingDraft.ts';
import { faultText } from '../../parts/typed/fields.ts';
import FormFoot from '../../kit/FormFoot.vue';
import type { HouseBody } from '../../../contract/schemas.ts';
import { currentUnit } from '../../../core/house/house.ts';
import type { CivilDate } from '../../../core/calendar/civilDate.ts';
import type { ItemState } from '../../../core/runs/runState.ts';
import type { Speech } from '../../../locales/speech.ts';
import { useForm } from '../../composables/useForm.ts';

/** Something found during a piece of work: on which of its things, what, where, how grave, with a photo. */
const props = defineProps<{
  assets: readonly string[];
  house: HouseBody;
  speech: Speech;
  today: CivilDate;
}>();
const emit = defineEmits<{ found: [finding: ItemState['findings'][number]] }>();

const t = computed(() => props.speech.t);
const { errorAt, show, clear } = useForm();
const things = computed(() =>
  props.assets.map((id) => ({ id, name: currentUnit(props.house.assets, id)?.name ?? id })),
);
const draft = reactive({
  asset: props.assets[0] ?? '',
  what: '',
  verdict: 'act' as 'watch' | 'act' | 'stop',
  place: '',
  days: '',
  photo: null as string | null,
  repairs: [] as readonly string[],
});

function note(): void {
  clear();
  const read = readFinding(draft);
  if ('field' in read) return show(faultText(t.value, read), read.field);
  const { days = 0, ...finding } = read.finding;
  emit('found', { asset: draft.asset, date: props.today, days, ...finding });
}
</script>

<template>
  <form class="form" novalidate @submit.prevent="note">
    <ChoiceField
      v-if="things.length > 1"
      v-model="draft.asset"
      :label="t('note.thing')"
      :options="things.map((thing) => ({ value: thing.id, label: thing.name }))"
    />
    <FindingFields
      v-model:what="draft.what"
      v-model:verdict="draft.verdict"
      v-model:place="draft.place"
      v-model:days="draft.days"
      v-model:photo="draft.photo"
      v-model:repairs="draft.repairs"
      :home-id="house.home.id"
      :asset="draft.asset"
      :kind="currentUnit(house.assets, draft.asset)?.kind"
      :verdicts="['watch', 'act', 'stop']"
      :speech="speech"
      :error-at="errorAt"
    />
    <FormFoot :error="errorAt('')" :send="t('run.foundSave')" :busy="false" />
  </form>
</template>
