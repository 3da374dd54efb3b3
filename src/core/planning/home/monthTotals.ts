import type { Doer } from '../../practice/terms.ts';
import type { PlannedTask } from './arrange.ts';

/** The work, visits and money of one month of the plan. */
export interface MonthTotal {
  /** `YYYY-MM`. */
  readonly month: string;
  /** Of the household, by who does it; of a trade those of being there. */
  readonly minutes: Readonly<Record<Doer, number>>;
  /** Those of its own work by the person who did the task last; under '' those of tasks nobody has done yet. */
  readonly people: ReadonlyMap<string, number>;
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
  who: Readonly<Record<string, string>>,
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
      const people = new Map<string, number>();
      for (const { task } of here) {
        minutes[task.doer] += task.minutes;
        const person = who[task.duty] ?? '';
        if (task.doer !== 'trade') people.set(person, (people.get(person) ?? 0) + task.minutes);
      }
      const hired = here.filter(({ task }) => task.doer === 'trade');
      return {
        month,
        minutes,
        people,
        visits: new Set(hired.map(({ task, week }) => `${task.system} ${week}`)).size,
        cost: here.reduce((sum, { task }) => sum + (costs[task.duty] ?? 0), 0),
        unknown: hired.filter(({ task }) => costs[task.duty] === undefined).length,
      };
    });
}

/** Hired work that the household could do itself and whose price it knows. */
export interface OwnOrHired {
  readonly tasks: number;
  /** In the smallest unit of the currency. */
  readonly hired: number;
  readonly minutes: number;
}

/** The hired work of a plan that the household could do itself: what it costs hired, and the minutes it would take. */
export function ownOrHired(
  tasks: readonly PlannedTask[],
  costs: Readonly<Record<string, number>>,
): OwnOrHired {
  const either = tasks.flatMap(({ task }) => {
    const hired = costs[task.duty];
    return task.ownMinutes === null || hired === undefined ? [] : [{ hired, minutes: task.ownMinutes }];
  });
  return {
    tasks: either.length,
    hired: either.reduce((sum, { hired }) => sum + hired, 0),
    minutes: either.reduce((sum, { minutes }) => sum + minutes, 0),
  };
}

/** The worth of some minutes of own work, in the smallest unit of the currency. `hourWorth`: that of an hour. */
export const worthOfMinutes = (minutes: number, hourWorth: number): number =>
  Math.round((minutes / 60) * hourWorth);
