import type { CivilDate } from '../calendar/civilDate.ts';
import type { House } from '../house/house.ts';
import type { FindPractice } from '../house/timingOf.ts';
import type { EntryBody } from './entry.ts';

/** By which part of a year totals are added up. */
export const TOTALS_BY = ['system', 'month', 'person'] as const;
export type TotalsBy = (typeof TOTALS_BY)[number];

/**
 * Totals of one part of a year: a system of the house, a month from 01 to 12, or the id of who did it; `other` where the record names
 * none. Money in the smallest unit of the currency.
 */
export interface Total {
  readonly year: number;
  readonly part: string;
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

/** Hours, money, trades and what was missed, by year and a part of it: newest year first; its newest month or its costliest part on top. */
export function totalsOf(
  standing: readonly Counted[],
  missed: readonly { readonly dutyId: string; readonly due: CivilDate }[],
  house: Pick<House, 'duties'>,
  find: FindPractice,
  by: TotalsBy = 'system',
): Total[] {
  const practices = new Map(
    house.duties.map(({ id, practice }) => [
      id,
      practice.from === 'catalogue' ? find(practice.code) : undefined,
    ]),
  );
  const totals = new Map<string, Total>();
  const partOf = (date: CivilDate, duty: string | null, who: string | undefined): string => {
    if (by === 'month') return date.slice(5, 7);
    const named = by === 'person' ? who : duty === null ? undefined : practices.get(duty)?.system;
    return named ?? 'other';
  };
  const add = (date: CivilDate, duty: string | null, more: Partial<Total>, who?: string): void => {
    const part = partOf(date, duty, who);
    const year = Number(date.slice(0, 4));
    const key = `${year} ${part}`;
    const known = totals.get(key) ?? { year, part, done: 0, minutes: 0, cost: 0, trades: 0, missed: 0 };
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
      add(date, body.duty, { done: 1, minutes: body.minutes ?? 0, cost: body.cost ?? 0, trades }, body.who);
    } else if (body.kind === 'findingClosed')
      add(date, null, { done: 1, minutes: body.minutes ?? 0, cost: body.cost ?? 0 }, body.who);
    else if (body.kind === 'bought') add(date, null, { cost: body.cost ?? 0 });
  }
  for (const { dutyId, due } of missed) add(due, dutyId, { missed: 1 });
  return [...totals.values()].sort(
    (a, b) =>
      b.year - a.year ||
      (by === 'month' ? b.part.localeCompare(a.part) : b.cost - a.cost || b.minutes - a.minutes),
  );
}
