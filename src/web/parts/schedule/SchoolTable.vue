<script setup lang="ts">
import RadioButton from 'primevue/radiobutton';
import { computed } from 'vue';
import type { CivilDate } from '../../../core/calendar/civilDate.ts';
import YearDots from '../../kit/YearDots.vue';
import type { Speech } from '../../../locales/speech.ts';

/** The schools side by side: one is chosen, each shows its year as dots and says what it means here, who argues for it and when it is right. */
const props = defineProps<{
  rows: readonly {
    code: string;
    name: string;
    rule: string;
    argues: string;
    right: string;
    usual: string | null;
    times: string;
    minutes: string;
    /** Its cost in a year; empty where nothing was ever paid here. */
    cost: string;
    next: string;
    /** The days of the coming year; none until they are known. */
    days: readonly CivilDate[];
  }[];
  speech: Speech;
}>();
const school = defineModel<string>({ required: true });
const hasCost = computed(() => props.rows.some(({ cost }) => cost !== ''));
</script>

<template>
  <table>
    <caption class="unseen">
      {{
        speech.t('upkeep.schools')
      }}
    </caption>
    <thead>
      <tr>
        <th scope="col">{{ speech.t('upkeep.school') }}</th>
        <th scope="col" class="figure">{{ speech.t('upkeep.timesAYear') }}</th>
        <th scope="col" class="figure">{{ speech.t('upkeep.minutesAYear') }}</th>
        <th v-if="hasCost" scope="col" class="figure">{{ speech.t('upkeep.costAYear') }}</th>
        <th scope="col" class="figure">{{ speech.t('upkeep.nextDate') }}</th>
      </tr>
    </thead>
    <tbody v-for="row in rows" :key="row.code" :class="{ chosen: row.code === school }">
      <tr>
        <th scope="row">
          <label
            ><RadioButton v-model="school" name="school" :value="row.code" /><span
              >{{ row.name }} <span class="soft small rule">{{ row.rule }}</span></span
            ></label
          >
        </th>
        <td class="figure" :data-head="speech.t('upkeep.timesAYear')">{{ row.times }}</td>
        <td class="figure" :data-head="speech.t('upkeep.minutesAYear')">{{ row.minutes }}</td>
        <td v-if="hasCost" class="figure" :data-head="speech.t('upkeep.costAYear')">{{ row.cost }}</td>
        <td class="figure" :data-head="speech.t('upkeep.nextDate')">{{ row.next }}</td>
      </tr>
      <tr>
        <td :colspan="hasCost ? 5 : 4" class="small says">
          <YearDots
            v-if="row.days.length > 0"
            :days="row.days"
            :from="speech.today"
            :chosen="row.code === school"
          />
          {{ row.argues }} {{ speech.t('practices.right', { when: row.right }) }}
          <span v-if="row.usual" class="usual">{{ speech.t('practices.usual', { why: row.usual }) }}</span>
        </td>
      </tr>
    </tbody>
  </table>
</template>

<style scoped>
table {
  width: 100%;
  border-collapse: collapse;
}

th {
  font-weight: inherit;
  text-align: left;
  vertical-align: top;
}

thead th {
  color: var(--soft);
  font-size: 0.9375rem;
}

tbody {
  border-top: 1px solid var(--rule);
}

tbody tr:first-child > * {
  padding-top: 0.375rem;
}

.says {
  padding: 0 0 0.375rem 1.625rem;
}

tbody th {
  width: 60%;
}

.figure {
  padding-left: 1rem;
  text-align: right;
  white-space: nowrap;
  vertical-align: top;
}

.rule {
  display: block;
}

.chosen label {
  font-weight: 600;
}

.chosen .rule {
  font-weight: 400;
}

.usual {
  color: var(--brine);
}

@media (max-width: 44rem) {
  thead {
    position: absolute;
    width: 1px;
    height: 1px;
    overflow: hidden;
    clip-path: inset(50%);
  }

  tr,
  th,
  td {
    display: block;
    text-align: left;
  }

  .figure {
    padding-left: 1.625rem;
    text-align: left;
    white-space: normal;
  }

  td.figure::before {
    content: attr(data-head) ': ';
    color: var(--soft);
  }
}
</style>
