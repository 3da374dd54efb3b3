<script setup lang="ts">
import InputText from 'primevue/inputtext';
import Button from 'primevue/button';
import { computed, reactive, ref } from 'vue';
import type { ClimateView } from '../../../contract/schemas.ts';
import { ANCHOR_KEYS, setDatesSchema, type AnchorKey, type SetDates } from '../../../core/climate/anchor.ts';
import type { Climate } from '../../../core/climate/climateSchema.ts';
import { seasonName } from '../../../locales/seasonName.ts';
import type { Speech } from '../../../locales/speech.ts';

/** The turning points of the year here, each with what it rests on; any may be set for this home. */
const props = defineProps<{
  view: ClimateView;
  climate: Climate;
  speech: Speech;
  mayWrite: boolean;
  busy: boolean;
}>();
const emit = defineEmits<{ set: [climate: Climate] }>();

const t = computed(() => props.speech.t);
const editing = ref(false);
const typed = reactive<Record<string, string>>({});
const wrong = ref<string | null>(null);

const seasons = computed(() =>
  ANCHOR_KEYS.map((key) => {
    const found = props.view.seasons.find((season) => season.key === key);
    const on = found?.on ?? null;
    return {
      key,
      name: seasonName(props.speech, key),
      date: on === null ? '—' : props.speech.formats.monthDay(on),
      basis: t.value(`seasonBasis.${found?.basis ?? 'unknown'}`),
    };
  }),
);

function edit(): void {
  for (const key of ANCHOR_KEYS) typed[key] = props.climate.set?.[key] ?? '';
  wrong.value = null;
  editing.value = true;
}

/** Empty leaves a date to the station, `none` says that the season never comes; the first that is neither is named. */
function save(): void {
  const set: SetDates = {};
  for (const key of ANCHOR_KEYS) {
    const text = (typed[key] ?? '').trim().toLowerCase();
    if (text === '') continue;
    if (!setDatesSchema.shape[key].safeParse(text).success) {
      wrong.value = key;
      return;
    }
    set[key as AnchorKey] = text;
  }
  editing.value = false;
  const { set: _before, ...rest } = props.climate;
  emit('set', Object.keys(set).length === 0 ? rest : { ...rest, set });
}
</script>

<template>
  <section class="almanac-part" :aria-label="t('almanac.seasons')">
    <h2>{{ t('almanac.seasons') }}</h2>
    <p class="soft small">{{ t('almanac.seasonsLead') }}</p>
    <form novalidate @submit.prevent="save">
      <table class="figures">
        <thead>
          <tr>
            <th scope="col">{{ t('almanac.turn') }}</th>
            <th scope="col">{{ t('almanac.date') }}</th>
            <th scope="col">{{ editing ? t('almanac.setHere') : t('almanac.basis') }}</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="season in seasons" :key="season.key" :data-season="season.key">
            <td>{{ season.name }}</td>
            <td class="day">
              <strong>{{ season.date }}</strong>
            </td>
            <td v-if="!editing" class="soft">{{ season.basis }}</td>
            <td v-else>
              <InputText
                v-model="typed[season.key]"
                class="date"
                :aria-label="t('almanac.setOne', { name: season.name })"
                :aria-invalid="wrong === season.key"
                placeholder="MM-DD"
                maxlength="5"
              />
              <span v-if="wrong === season.key" class="wrong small" role="alert">{{
                t('almanac.dateNeeded')
              }}</span>
            </td>
          </tr>
        </tbody>
      </table>
      <p v-if="mayWrite" class="acts no-print">
        <template v-if="editing">
          <Button type="submit" :disabled="busy">{{ t('almanac.save') }}</Button>
          <Button text @click="editing = false">{{ t('shell.cancel') }}</Button>
        </template>
        <Button v-else text @click="edit">{{ t('almanac.edit') }}</Button>
      </p>
    </form>
  </section>
</template>

<style scoped>
.date {
  width: 6rem !important;
}

.wrong {
  display: block;
  color: var(--rust);
}

.acts {
  display: flex;
  gap: 1.25rem;
  margin-top: calc(var(--line) / 2);
}
</style>
