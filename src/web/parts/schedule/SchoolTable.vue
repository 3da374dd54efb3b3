<script setup lang="ts">
import RadioButton from 'primevue/radiobutton';
import type { Speech } from '../../../locales/speech.ts';

/** The schools side by side: one is chosen, each says what it means here, who argues for it and when it is right. */
defineProps<{
  rows: readonly {
    code: string;
    name: string;
    rule: string;
    argues: string;
    right: string;
    usual: string | null;
    times: string;
    minutes: string;
    next: string;
  }[];
  speech: Speech;
}>();
const school = defineModel<string>({ required: true });
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
        <th scope="col" class="figure">{{ speech.t('upkeep.nextDate') }}</th>
      </tr>
    </thead>
    <tbody v-for="row in rows" :key="row.code" :class="{ chosen: row.code === school }">
      <tr>
        <th scope="row">
          <label
            ><RadioButton v-model="school" name="school" :value="row.code" />{{ row.name }}
            <span class="soft small rule">{{ row.rule }}</span></label
          >
        </th>
        <td class="figure" :data-head="speech.t('upkeep.timesAYear')">{{ row.times }}</td>
        <td class="figure" :data-head="speech.t('upkeep.minutesAYear')">{{ row.minutes }}</td>
        <td class="figure" :data-head="speech.t('upkeep.nextDate')">{{ row.next }}</td>
      </tr>
      <tr>
        <td colspan="4" class="small says">
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

.figure {
  padding-left: 1rem;
  text-align: right;
  white-space: nowrap;
  vertical-align: top;
}

.rule {
  display: block;
  padding-left: 1.625rem;
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
