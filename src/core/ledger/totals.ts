import type { CivilDate } from '../calendar/civilDate.ts';
import type { PracticeSystem } from '../practice/lists.ts';
import type { House } from '../house/house.ts';
import type { FindPractice } from '../house/timingOf.ts';
import type { EntryBody } from './entry.ts';

/** Totals of a year in one system of the house; money in the smallest unit of the currency. */
export interface Total {
  readonly year: number;
  readonly system: PracticeSystem | 'other';
  readonly done: number;
  readonly minutes: number;
  readonly cost: number;
  /** Times a trade did it. */
  readonly trades: number;
  readonly missed: number;
}

interface Counted {
  readonly date: CivilDate;
  readonly body: EntryBody;
}

/** Hours, money, trades and what was missed, by year and system: newest year first, the costliest system of it on top. */
export function totalsOf(
  standing: readonly Counted[],
  missed: readonly { readonly dutyId: string; readonly due: CivilDate }[],
  house: Pick<House, 'duties'>,
  find: FindPractice,
): Total[] {
  const practices = new Map(
    house.duties.map(({ id, practice }) => [
      id,
      practice.from === 'catalogue' ? find(practice.code) : undefined,
    ]),
  );
  const totals = new Map<string, Total>();
  const add = (date: CivilDate, duty: string | null, more: Partial<Total>): void => {
    const system = (duty === null ? undefined : practices.get(duty)?.system) ?? 'other';
    const year = Number(date.slice(0, 4));
    const key = `${year} ${system}`;
    const known = totals.get(key) ?? { year, system, done: 0, minutes: 0, cost: 0, trades: 0, missed: 0 };
    totals.set(key, {
      ...known,
      done: known.done + (more.done ?? 0),
      minutes: known.minutes + (more.minutes ?? 0),
      cost: known.cost + (more.cost ?? 0),
      trades: known.trades + (more.trades ?? 0),
      missed: known.missed + (more.missed ?? 0),
    });
  };
  for (const { date, body } of standing) {
    if (body.kind === 'done') {
      const trades = practices.get(body.duty)?.doers[0] === 'trade' ? 1 : 0;
      add(date, body.duty, { done: 1, minutes: body.minutes ?? 0, cost: body.cost ?? 0, trades });
    } else if (body.kind === 'findingClosed')
      add(date, null, { done: 1, minutes: body.minutes ?? 0, cost: body.cost ?? 0 });
    else if (body.kind === 'bought') add(date, null, { cost: body.cost ?? 0 });
  }
  for (const { dutyId, due } of missed) add(due, dutyId, { missed: 1 });
  return [...totals.values()].sort((a, b) => b.year - a.year || b.cost - a.cost || b.minutes - a.minutes);
}
