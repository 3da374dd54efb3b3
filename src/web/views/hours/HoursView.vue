<script setup lang="ts">
import Button from 'primevue/button';
import Checkbox from 'primevue/checkbox';
import InputNumber from 'primevue/inputnumber';
import SelectButton from 'primevue/selectbutton';
import { computed, ref } from 'vue';
import { useRoute } from 'vue-router';
import { toCivilDate, toDay } from '../../../core/calendar/civilDate.ts';
import { weekdayFromMonday } from '../../../core/house/household.ts';
import { makeBody } from '../../../core/ledger/write/makeBody.ts';
import { skillSchema, type Skill } from '../../../core/practice/planning.ts';
import { ask } from '../../device/ask.ts';
import { useForm } from '../../composables/useForm.ts';
import { useLoading } from '../../composables/useLoading.ts';
import { useSaidWrites } from '../../composables/useSaidWrites.ts';
import { useSpeech } from '../../composables/useSpeech.ts';
import ChoiceField from '../../kit/ChoiceField.vue';
import FieldRow from '../../kit/FieldRow.vue';
import FormFoot from '../../kit/FormFoot.vue';
import PageState from '../../kit/PageState.vue';
import TextField from '../../kit/TextField.vue';
import { useHome } from '../../stores/home.ts';
import { draftOf, householdOf, type HoursDraft } from './hoursDraft.ts';

/** The time a household has for its house, and what it does itself: what the planner goes by. */
const route = useRoute();
const home = useHome();
const speech = useSpeech();
const t = computed(() => speech.value.t);
const homeId = String(route.params['homeId']);
const draft = ref<HoursDraft | null>(null);
const { busy, errorAt, show, clear } = useForm();
const { send } = useSaidWrites(speech, { undone: () => void load() });

const { state, load } = useLoading(async () => {
  const [plan] = await Promise.all([ask('plan', { params: { homeId } }), home.load(homeId)]);
  if (home.house) draft.value = draftOf(plan.household, home.house.home, speech.value.today.slice(0, 4));
});

/** The names of the weekdays, Monday first. */
const weekdays = computed(() => {
  const today = toDay(speech.value.today);
  const monday = today - weekdayFromMonday(today);
  return Array.from({ length: 7 }, (_, index) => ({
    value: index,
    label: speech.value.formats.weekday(toCivilDate(monday + index)),
    long: speech.value.formats.longWeekday(toCivilDate(monday + index)),
  }));
});
const total = computed(() =>
  t.value('hours.total', {
    time: speech.value.formats.hours(
      (draft.value?.minutes ?? []).reduce<number>((sum, one) => sum + (one ?? 0), 0),
    ),
  }),
);
const degrees = computed(() => (home.house?.home.units === 'us' ? ' °F' : ' °C'));
const said = computed(() => [
  { value: '', label: t.value('hours.asBefore') },
  { value: 'yes', label: t.value('hours.weDo') },
  { value: 'no', label: t.value('hours.weDont') },
]);
const setDoes = (skill: Skill, value: string): void => {
  if (draft.value) draft.value.does[skill] = value === 'yes' || value === 'no' ? value : '';
};

async function save(): Promise<void> {
  if (!draft.value || !home.house || busy.value) return;
  clear();
  const made = householdOf(draft.value, home.house.home);
  if ('field' in made) {
    show(t.value(`hours.wrong.${made.field}`), made.field);
    return;
  }
  busy.value = true;
  await send(
    [{ date: speech.value.today, body: makeBody('household', made) }],
    t.value('hours.saved'),
  ).finally(() => {
    busy.value = false;
  });
}
</script>

<template>
  <div class="sheet hours-page">
    <PageState
      v-if="state.kind !== 'ready'"
      :state="state"
      :loading="t('shell.loading')"
      :again="t('shell.tryAgain')"
      @again="load"
    />
    <template v-else-if="draft">
      <h1>{{ t('plan.hoursTitle') }}</h1>
      <p class="soft">{{ t('hours.lead') }}</p>
      <form class="form" novalidate @submit.prevent="save">
        <fieldset :disabled="!home.mayWrite">
          <legend>
            {{ t('hours.weekdays') }} <span class="soft">{{ total }}</span>
          </legend>
          <div class="row">
            <FieldRow v-for="day in weekdays" :key="day.value" v-slot="{ id }" :label="day.label">
              <InputNumber
                v-model="draft.minutes[day.value]"
                :input-id="id"
                :min="0"
                :max="1440"
                :aria-label="day.long"
              />
            </FieldRow>
          </div>
          <p v-if="errorAt('minutes')" class="error small" role="alert">{{ errorAt('minutes') }}</p>
        </fieldset>
        <fieldset>
          <legend>{{ t('hours.away') }}</legend>
          <div v-for="(one, index) in draft.away" :key="index" class="row">
            <TextField v-model="one.from" type="date" :label="t('hours.from')" />
            <TextField v-model="one.to" type="date" :label="t('hours.to')" />
            <Button text :label="t('hours.remove')" @click="draft.away.splice(index, 1)" />
          </div>
          <p v-if="errorAt('away')" class="error small" role="alert">{{ errorAt('away') }}</p>
          <Button
            outlined
            data-act="add-away"
            :label="t('hours.addAway')"
            @click="draft.away.push({ from: '', to: '' })"
          />
        </fieldset>
        <fieldset>
          <legend>{{ t('hours.parts') }}</legend>
          <div v-for="(one, index) in draft.weeks" :key="index" class="row">
            <TextField v-model="one.from" type="date" :label="t('hours.from')" />
            <TextField v-model="one.to" type="date" :label="t('hours.to')" />
            <FieldRow v-slot="{ id }" :label="t('hours.partMinutes')">
              <InputNumber v-model="one.minutes" :input-id="id" :min="0" :max="10080" />
            </FieldRow>
            <Button text :label="t('hours.remove')" @click="draft.weeks.splice(index, 1)" />
          </div>
          <p v-if="errorAt('weeks')" class="error small" role="alert">{{ errorAt('weeks') }}</p>
          <Button
            outlined
            :label="t('hours.addPart')"
            @click="draft.weeks.push({ from: '', to: '', minutes: null })"
          />
        </fieldset>
        <fieldset>
          <legend>{{ t('hours.helper') }}</legend>
          <label class="tick"><Checkbox v-model="draft.anyDay" binary /> {{ t('hours.anyDay') }}</label>
          <SelectButton
            v-if="!draft.anyDay"
            v-model="draft.helper"
            multiple
            :options="weekdays"
            option-label="label"
            option-value="value"
            :aria-label="t('hours.helper')"
          />
        </fieldset>
        <fieldset>
          <legend>{{ t('hours.does') }}</legend>
          <p class="soft small">{{ t('hours.doesLead') }}</p>
          <div class="row wide">
            <ChoiceField
              v-for="skill in skillSchema.options"
              :key="skill"
              :model-value="draft.does[skill]"
              :label="t(`hours.skill.${skill}`)"
              :options="said"
              @update:model-value="setDoes(skill, $event)"
            />
          </div>
        </fieldset>
        <fieldset>
          <legend>{{ t('hours.limits') }}</legend>
          <div class="row wide">
            <FieldRow v-slot="{ id }" :label="t('hours.heat')" :error="errorAt('heat')">
              <InputNumber v-model="draft.heat" :input-id="id" :suffix="degrees" />
            </FieldRow>
            <TextField
              v-model="draft.quietFrom"
              type="time"
              :label="t('hours.quietFrom')"
              :error="errorAt('quiet')"
            />
            <TextField v-model="draft.quietTo" type="time" :label="t('hours.quietTo')" />
            <FieldRow v-slot="{ id }" :label="t('hours.hourWorth')" :error="errorAt('hourWorth')">
              <InputNumber
                v-model="draft.hourWorth"
                mode="currency"
                :currency="home.house?.home.currency ?? 'USD'"
                :input-id="id"
                :min="0"
              />
            </FieldRow>
          </div>
        </fieldset>
        <FormFoot v-if="home.mayWrite" :error="errorAt('')" :send="t('hours.save')" :busy="busy" />
      </form>
    </template>
  </div>
</template>

<style>
.hours-page {
  max-width: 52rem;
  padding-top: var(--line);
}

.hours-page fieldset {
  padding: 0;
  border: 0;
  margin: var(--line) 0 0;
}

.hours-page legend {
  padding: 0;
  font-family: var(--serif);
  font-size: 1.125rem;
}

.hours-page legend .soft {
  font-family: var(--face);
  font-size: 1rem;
}

.hours-page .row {
  display: flex;
  flex-wrap: wrap;
  gap: 0.5rem 1rem;
  align-items: end;
  margin: 0.25rem 0 0.5rem;
}

.hours-page .row .k-number .k-input {
  width: 5.5rem;
}

.hours-page .row.wide > * {
  flex: 1 1 14rem;
}

.hours-page .row.wide .k-number .k-input {
  width: 100%;
}

.hours-page .tick {
  display: flex;
  gap: 0.5rem;
  align-items: center;
  min-height: 2.75rem;
}
</style>
