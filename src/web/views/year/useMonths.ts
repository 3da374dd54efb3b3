import { computed } from 'vue';
import type { Home, Person } from '../../../core/house/house.ts';
import { monthTotals, worthOfMinutes, type MonthTotal } from '../../../core/planning/home/monthTotals.ts';
import { civil } from '../../../core/calendar/civilDate.ts';
import type { Speech } from '../../../locales/speech.ts';
import type { ShownPlan } from '../../parts/plan/usePlan.ts';

/** What the months of a plan are told from. */
export interface MonthsOf {
  readonly shown: ShownPlan;
  readonly home: Home;
  readonly people: readonly Person[];
  readonly speech: Speech;
}

/** All months together. */
function wholeOf(totals: readonly MonthTotal[]): MonthTotal {
  const sum = (of: (one: MonthTotal) => number): number => totals.reduce((all, one) => all + of(one), 0);
  const ids = new Set(totals.flatMap(({ people }) => [...people.keys()]));
  return {
    month: '',
    minutes: {
      self: sum(({ minutes }) => minutes.self),
      helper: sum(({ minutes }) => minutes.helper),
      trade: sum(({ minutes }) => minutes.trade),
    },
    people: new Map([...ids].map((id) => [id, sum(({ people }) => people.get(id) ?? 0)])),
    visits: sum(({ visits }) => visits),
    cost: sum(({ cost }) => cost),
    unknown: sum(({ unknown }) => unknown),
  };
}

/** The hours by who does the work, visits and cost of each month and of the whole year, as they are written in a table. */
export function useMonths(props: MonthsOf) {
  const t = computed(() => props.speech.t);
  const money = (of: number): string => props.speech.formats.money(of, props.home.currency);
  const totals = computed(() =>
    monthTotals(props.shown.year.tasks, props.shown.body.costs, props.shown.body.who),
  );
  const whole = computed(() => wholeOf(totals.value));
  /** Persons with work of their own, the busiest first; where only one has any, the hours are told by doer. */
  const workers = computed(() => {
    const of = ({ id }: Person): number => whole.value.people.get(id) ?? 0;
    const busy = props.people.filter((person) => of(person) > 0);
    return busy.length < 2 ? [] : busy.sort((a, b) => of(b) - of(a));
  });
  const worth = computed(() => props.shown.body.household.hourWorth);
  const worthOf = (minutes: number): number => worthOfMinutes(minutes, worth.value ?? 0);
  const rows = computed(() => [...totals.value, whole.value].map(rowOf));
  function rowOf({ month, minutes, people, visits, cost }: MonthTotal) {
    const { formats } = props.speech;
    const hours = (of: number): string => (of === 0 ? '' : formats.hours(of));
    const price = (of: number): string => (of === 0 ? '' : money(of));
    const known = workers.value.reduce((all, { id }) => all + (people.get(id) ?? 0), 0);
    return {
      key: month,
      month: month === '' ? t.value('plan.money.total') : formats.month(civil(`${month}-01`)),
      ...Object.fromEntries(workers.value.map(({ id }) => [`person-${id}`, hours(people.get(id) ?? 0)])),
      nobody: hours(minutes.self + minutes.helper - known),
      self: hours(minutes.self),
      helper: hours(minutes.helper),
      trade: hours(minutes.trade),
      visits: visits === 0 ? '' : String(visits),
      cost: price(cost),
      own: price(worthOf(minutes.self + minutes.helper)),
    };
  }
  const columns = computed((): { field: string; header: string }[] => {
    const named = (field: string) => ({ field, header: t.value(`plan.money.${field}`) });
    return [
      named('month'),
      ...(workers.value.length > 0
        ? [...workers.value.map(({ id, name }) => ({ field: `person-${id}`, header: name })), named('nobody')]
        : [named('self'), ...(whole.value.minutes.helper > 0 ? [named('helper')] : [])]),
      ...['trade', 'visits', 'cost', ...(worth.value === undefined ? [] : ['own'])].map(named),
    ];
  });
  return { t, rows, columns, whole, workers, money, worth, worthOf };
}
