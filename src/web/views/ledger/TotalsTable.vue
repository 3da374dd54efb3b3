<script setup lang="ts">
import { computed, ref } from 'vue';
import type { TotalsBody } from '../../../contract/record.ts';
import type { Speech } from '../../../locales/speech.ts';
import { ask } from '../../device/ask.ts';
import { useErrorText } from '../../composables/useErrorText.ts';

/** Hours, money, trades and what was missed, by year and system. Worked out when it is asked for. */
const props = defineProps<{ homeId: string; speech: Speech; currency: string }>();
const t = computed(() => props.speech.t);
const { tell } = useErrorText();
const totals = ref<TotalsBody['totals'] | null>(null);
const wrong = ref('');

async function read(event: Event): Promise<void> {
  if (!(event.target as HTMLDetailsElement).open || totals.value !== null) return;
  try {
    totals.value = (await ask('totals', { params: { homeId: props.homeId } })).totals;
  } catch (error) {
    wrong.value = tell(error).text;
  }
}

type Total = TotalsBody['totals'][number];
const years = computed(() => {
  const by = new Map<number, Total[]>();
  for (const total of totals.value ?? []) by.set(total.year, [...(by.get(total.year) ?? []), total]);
  return [...by].map(([year, rows]) => ({
    year,
    rows: rows.length > 1 ? [...rows, sumOf(year, rows)] : rows,
  }));
});
const sumOf = (year: number, rows: readonly Total[]): Total =>
  rows.reduce<Total>(
    (sum, row) => ({
      ...sum,
      done: sum.done + row.done,
      minutes: sum.minutes + row.minutes,
      cost: sum.cost + row.cost,
      trades: sum.trades + row.trades,
      missed: sum.missed + row.missed,
    }),
    { year, system: SUM, done: 0, minutes: 0, cost: 0, trades: 0, missed: 0 },
  );
const SUM = 'sum';
const nameOf = (system: string): string => {
  if (system === SUM) return t.value('record.sum');
  return system === 'other' ? t.value('record.other') : t.value(`system.${system}`);
};
const hours = (minutes: number): string => props.speech.formats.number(Math.round(minutes / 6) / 10);
</script>

<template>
  <details class="totals no-print" @toggle="read">
    <summary>{{ t('record.totals') }}</summary>
    <p v-if="wrong" class="notice wrong" role="alert">{{ wrong }}</p>
    <p v-else-if="totals?.length === 0" class="soft">{{ t('record.totalsNone') }}</p>
    <div v-else-if="totals" class="wide" tabindex="0" role="region" :aria-label="t('record.totals')">
      <table>
        <thead>
          <tr>
            <th scope="col">{{ t('record.year') }}</th>
            <th scope="col">{{ t('record.system') }}</th>
            <th scope="col" class="n">{{ t('record.times') }}</th>
            <th scope="col" class="n">{{ t('record.hours') }}</th>
            <th scope="col" class="n">{{ t('record.money') }}</th>
            <th scope="col" class="n">{{ t('record.trades') }}</th>
            <th scope="col" class="n">{{ t('record.missed') }}</th>
          </tr>
        </thead>
        <tbody v-for="{ year, rows } in years" :key="year">
          <tr v-for="(row, place) in rows" :key="row.system" :class="{ sum: row.system === SUM }">
            <th v-if="place === 0" scope="rowgroup" :rowspan="rows.length">{{ year }}</th>
            <td>{{ nameOf(row.system) }}</td>
            <td class="n">{{ speech.formats.number(row.done) }}</td>
            <td class="n">{{ hours(row.minutes) }}</td>
            <td class="n">{{ speech.formats.money(row.cost, currency) }}</td>
            <td class="n">{{ speech.formats.number(row.trades) }}</td>
            <td class="n">{{ speech.formats.number(row.missed) }}</td>
          </tr>
        </tbody>
      </table>
    </div>
  </details>
</template>

<style scoped>
.totals {
  margin-bottom: var(--line);
}

.wide {
  overflow-x: auto;
}

table {
  width: 100%;
  /* On a phone it is pushed aside under the finger rather than its words broken. */
  min-width: 34rem;
  border-collapse: collapse;
}

th,
td {
  padding: 0.125rem 0.75rem 0.125rem 0;
  border-bottom: 1px solid var(--rule);
  text-align: left;
}

th[scope='rowgroup'] {
  vertical-align: top;
}

th,
.n {
  white-space: nowrap;
}

.n {
  text-align: right;
}

.sum td {
  font-weight: 600;
}
</style>
