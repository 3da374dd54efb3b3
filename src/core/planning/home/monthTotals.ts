import type { Doer } from '../../practice/terms.ts';
import type { PlannedTask } from './arrange.ts';

/** The work, visits and money of one month of the plan. */
export interface MonthTotal {
  /** `YYYY-MM`. */
  readonly month: string;
  /** Of the household, by who does it; of a trade those of being there. */
  readonly minutes: Readonly<Record<Doer, number>>;
  /** Times a trade comes. */
  readonly visits: number;
  /** In the smallest unit of the currency: what the tasks cost so far, each time. */
  readonly cost: number;
  /** Tasks nobody has noted a cost of. */
  readonly unknown: number;
}

/** The plan by months: hours by who does it, visits, and cost by what each task cost so far (its median in the record). */
export function monthTotals(
  tasks: readonly PlannedTask[],
  costs: Readonly<Record<string, number>>,
): MonthTotal[] {
  const byMonth = new Map<string, PlannedTask[]>();
  for (const one of tasks) {
    const month = one.day.slice(0, 7);
    byMonth.set(month, [...(byMonth.get(month) ?? []), one]);
  }
  return [...byMonth]
    .sort(([a], [b]) => (a < b ? -1 : 1))
    .map(([month, here]) => {
      const minutes: Record<Doer, number> = { self: 0, helper: 0, trade: 0 };
      for (const { task } of here) minutes[task.doer] += task.minutes;
      const hired = here.filter(({ task }) => task.doer === 'trade');
      return {
        month,
        minutes,
        visits: new Set(hired.map(({ task, week }) => `${task.system} ${week}`)).size,
        cost: here.reduce((sum, { task }) => sum + (costs[task.duty] ?? 0), 0),
        unknown: hired.filter(({ task }) => costs[task.duty] === undefined).length,
      };
    });
}
