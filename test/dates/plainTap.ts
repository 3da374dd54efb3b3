import { toDay, civil, toCivilDate, type DayNumber } from '../../src/core/calendar/civilDate.ts';

/** Events of a tap: work done on it, or it was shut or opened by hand. At most one thing a day. */
export interface Act {
  readonly day: DayNumber;
  readonly what: 'done' | 'shut' | 'opened';
}

export interface PlainTap {
  readonly half: 'closes' | 'none';
  readonly adopted: DayNumber;
  /** Listed days in order, far enough to both sides. */
  readonly listed: readonly DayNumber[];
  readonly worthDays: number;
  readonly early: number;
  readonly acts: readonly Act[];
}

export interface PlainAnswer {
  readonly due: string | null;
  readonly key: string | null;
  readonly missed: readonly string[];
}

type Fate = 'answered' | 'missed' | 'dropped';

/**
 * A listed duty with worth-until worked out day by day in the plainest way there is: each day what makes no sense any more or is
 * overtaken is closed, then what happens that day is taken in. Slow, and for one kind of duty only; the engine must say the same.
 */
export function plainly(tap: PlainTap, today: DayNumber): PlainAnswer {
  const { listed, adopted, worthDays, early } = tap;
  const fate = new Map<DayNumber, Fate>();
  const missed: string[] = [];
  let owed: { listed: DayNumber; due: DayNumber } | null = null;
  let standing: 'unknown' | 'open' | 'closed' = 'unknown';
  let doneBefore: DayNumber[] = [];
  const isOpen = (one: DayNumber, on: DayNumber): boolean => one - early <= on;
  const next = (): DayNumber | undefined => listed.find((one) => one >= adopted && !fate.has(one));
  const owe = (on: DayNumber): void => {
    const last = listed.findLast((one) => one < on);
    const coming = listed.find((one) => one >= on);
    if (last === undefined || last + worthDays < on || (coming !== undefined && isOpen(coming, on))) return;
    if (doneBefore.some((day) => day >= last - early)) return;
    owed = { listed: last, due: on };
  };
  const close = (one: DayNumber): void => {
    missed.push(toCivilDate(one));
    if (owed) owed = null;
    else fate.set(one, 'missed');
  };
  const morning = (day: DayNumber): void => {
    if (standing === 'closed') return;
    for (;;) {
      const current = owed?.listed ?? next();
      const after = owed ? next() : listed.find((one) => one >= adopted && !fate.has(one) && one !== current);
      if (current === undefined) return;
      const stale = current + worthDays < day;
      if (!stale && !(after !== undefined && isOpen(after, day))) return;
      close(current);
    }
  };
  const complete = (day: DayNumber): void => {
    if (day < adopted) doneBefore.push(day);
    if (standing === 'closed') return;
    const current = next();
    if (owed) owed = null;
    else if (current !== undefined && isOpen(current, day)) fate.set(current, 'answered');
  };
  const open = (day: DayNumber): void => {
    const wasClosed = standing === 'closed';
    standing = 'open';
    if (!wasClosed) return;
    for (const one of listed) {
      if (one >= adopted && one < day && !fate.has(one)) fate.set(one, 'dropped');
      if (one >= day && fate.get(one) === 'answered') fate.delete(one);
    }
    doneBefore = [];
    if (day >= adopted) owe(day);
  };
  const first = Math.min(adopted, ...tap.acts.map(({ day }) => day));
  for (let day = first; day <= today; day += 1) {
    if (day === adopted && standing !== 'closed') owe(day);
    if (day >= adopted) morning(day);
    const act = tap.acts.find((one) => one.day === day);
    if (!act) continue;
    if (act.what === 'done') complete(day);
    if (act.what === 'opened') open(day);
    if (act.what === 'shut' || (act.what === 'done' && tap.half === 'closes')) {
      standing = 'closed';
      owed = null;
    }
  }
  if (standing === 'closed') return { due: null, key: null, missed };
  const current: DayNumber | undefined = owed ? (owed as { listed: DayNumber }).listed : next();
  if (current === undefined) return { due: null, key: null, missed };
  return {
    due: toCivilDate(owed ? (owed as { due: DayNumber }).due : current),
    key: toCivilDate(current),
    missed,
  };
}

export const dayOf = (date: string): DayNumber => toDay(civil(date));
