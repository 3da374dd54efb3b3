<script setup lang="ts">
import SelectButton from 'primevue/selectbutton';
import { computed, defineAsyncComponent, ref, watch } from 'vue';
import type { TotalsBody } from '../../../contract/record.ts';
import type { HouseBody } from '../../../contract/schemas.ts';
import { civil } from '../../../core/calendar/civilDate.ts';
import { TOTALS_BY, type TotalsBy } from '../../../core/ledger/totals.ts';
import ChoiceField from '../../kit/ChoiceField.vue';
import { barsOption, type BarsInput } from '../../kit/charts/barsOption.ts';
import KitTable, { type TableColumn } from '../../kit/KitTable.vue';
import type { Speech } from '../../../locales/speech.ts';
import { ask } from '../../device/ask.ts';
import { useErrorText } from '../../composables/useErrorText.ts';
import { personName } from '../../parts/entry/describe.ts';

/** Hours, money, trades and what was missed, by year and system, month or person. Worked out when it is asked for. */
const props = defineProps<{ house: HouseBody; speech: Speech; currency: string }>();
const t = computed(() => props.speech.t);
const { tell } = useErrorText();
const totals = ref<TotalsBody['totals'] | null>(null);
/** By year alone, or by year and a part of it. */
const KINDS = ['year', ...TOTALS_BY] as const;
const by = ref<(typeof KINDS)[number]>('system');
/** The question of the server: the years are sums of their systems. */
const asks = computed((): TotalsBy => (by.value === 'year' ? 'system' : by.value));
const isOpen = ref(false);
const wrong = ref('');

async function read(): Promise<void> {
  if (!isOpen.value) return;
  const asked = asks.value;
  wrong.value = '';
  try {
    const answer = await ask('totals', { params: { homeId: props.house.home.id }, query: { by: asked } });
    if (asked === asks.value) totals.value = answer.totals;
  } catch (error) {
    wrong.value = tell(error).text;
  }
}
watch([asks, isOpen], read);

type Total = TotalsBody['totals'][number];
const SUM = 'sum';
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
    { year, part: SUM, done: 0, minutes: 0, cost: 0, trades: 0, missed: 0 },
  );

/** The rows of every year, and of a year with several its sum. */
const rows = computed(() => {
  const years = new Map<number, Total[]>();
  for (const total of totals.value ?? []) years.set(total.year, [...(years.get(total.year) ?? []), total]);
  const { number, money } = props.speech.formats;
  return [...years]
    .flatMap(([year, some]) => {
      if (by.value === 'year') return [sumOf(year, some)];
      return some.length > 1 ? [...some, sumOf(year, some)] : some;
    })
    .map((row) => ({
      id: `${row.year} ${row.part}`,
      isSum: row.part === SUM,
      year: String(row.year),
      part: partName(row),
      done: number(row.done),
      hours: number(Math.round(row.minutes / 6) / 10),
      money: money(row.cost, props.currency),
      trades: number(row.trades),
      missed: number(row.missed),
    }));
});
function partName({ year, part }: Total): string {
  if (part === SUM) return by.value === 'year' ? '' : t.value('record.sum');
  if (part === 'other') return t.value(by.value === 'person' ? 'record.nobody' : 'record.other');
  if (by.value === 'system') return t.value(`system.${part}`);
  return by.value === 'person'
    ? personName(props.house, part)
    : props.speech.formats.month(civil(`${year}-${part}-01`));
}
const columns = computed((): TableColumn[] => [
  { field: 'year', head: t.value('record.year') },
  ...(by.value === 'year' ? [] : [{ field: 'part', head: t.value(`record.totalsBy.${by.value}`) }]),
  { field: 'done', head: t.value('record.times'), number: true },
  { field: 'hours', head: t.value('record.hours'), number: true },
  { field: 'money', head: t.value('record.money'), number: true },
  { field: 'trades', head: t.value('record.trades'), number: true },
  { field: 'missed', head: t.value('record.missed'), number: true },
]);
const KitChart = defineAsyncComponent(() => import('../../kit/charts/KitChart.vue'));
const years = computed(() =>
  [...new Set((totals.value ?? []).map(({ year }) => year))].sort((a, b) => b - a),
);
const wanted = ref('');
/** The year of the chart: the last there is, until another is chosen. */
const chosen = computed({
  get: () =>
    years.value.some((year) => String(year) === wanted.value) ? wanted.value : String(years.value[0] ?? ''),
  set: (year) => {
    wanted.value = year;
  },
});
/** The parts of that year, those that took the most hours first; months in their order. */
const bars = computed((): BarsInput => {
  const { formats } = props.speech;
  const all = totals.value ?? [];
  const ofYear = (year: number): Total[] => all.filter((total) => total.year === year);
  const parts =
    by.value === 'year'
      ? years.value.map((year) => sumOf(year, ofYear(year)))
      : all.filter(({ year }) => String(year) === chosen.value);
  const isOrdered = by.value === 'month' || by.value === 'year';
  const sorted = isOrdered ? parts : [...parts].sort((one, other) => other.minutes - one.minutes);
  return {
    names: sorted.map((total) => (by.value === 'year' ? String(total.year) : partName(total))),
    hours: sorted.map(({ minutes }) => Math.round(minutes / 6) / 10),
    money: sorted.map(({ cost }) => cost),
    hoursText: (value) => t.value('record.hoursShort', { n: formats.number(value) }),
    moneyText: (value) => formats.money(Math.round(value), props.currency).replace(/\.00$/, ''),
  };
});
const kinds = computed(() => KINDS.map((value) => ({ value, label: t.value(`record.totalsBy.${value}`) })));
const opened = (event: Event): void => {
  isOpen.value = (event.target as HTMLDetailsElement).open;
};
</script>

<template>
  <details class="totals no-print" @toggle="opened">
    <summary>{{ t('record.totals') }}</summary>
    <p v-if="wrong" class="notice wrong" role="alert">{{ wrong }}</p>
    <template v-else-if="totals">
      <SelectButton
        v-model="by"
        :options="kinds"
        option-label="label"
        option-value="value"
        :allow-empty="false"
        :aria-label="t('record.totals')"
      />
      <p v-if="years.length > 1 && by !== 'year'" class="year">
        <ChoiceField
          v-model="chosen"
          :label="t('record.year')"
          :options="years.map((year) => ({ value: String(year), label: String(year) }))"
        />
      </p>
      <KitChart
        v-if="bars.names.length > 0"
        :build="(inks) => barsOption(bars, inks)"
        :label="t('record.chart', { year: by === 'year' ? years.join(', ') : chosen })"
        :height="4 + bars.names.length * 1.75"
      />
      <KitTable
        :rows="rows"
        :columns="columns"
        row-key="id"
        :label="t('record.totals')"
        :empty="t('record.totalsNone')"
        :marks="({ isSum }) => (isSum ? { class: 'k-table-row k-sum' } : {})"
      >
        <template #line="{ row }">
          <p>
            <strong>{{ row.year }} {{ row.part }}</strong>
          </p>
          <p class="soft small">
            {{ t('record.totalLine', { done: row.done, hours: row.hours, money: row.money }) }}
          </p>
        </template>
      </KitTable>
    </template>
  </details>
</template>

<style scoped>
.totals {
  margin-bottom: calc(var(--line) / 2);
}

.year {
  max-width: 12rem;
  margin-top: calc(var(--line) / 2);
}
</style>
