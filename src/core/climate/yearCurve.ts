import { daysFromCivil, toCivilDate } from '../calendar/civilDate.ts';

/** Days of the common year that climate is told by; 29 February counts with the 28th. */
export const YEAR_DAYS = 365;

const NEW_YEAR = daysFromCivil(2025, 1, 1);

/** `MM-DD` of a day of the common year counted from 0; any whole number is taken round the year. */
export const monthDayAt = (index: number): string =>
  toCivilDate(NEW_YEAR + (((index % YEAR_DAYS) + YEAR_DAYS) % YEAR_DAYS)).slice(5);

/** The place in the common year, from 0, of a month (1 to 12) and day. */
export const indexOf = (month: number, day: number): number =>
  daysFromCivil(2025, month, Math.min(day, month === 2 ? 28 : 31)) - NEW_YEAR;

const MIDDLES = Array.from({ length: 12 }, (_, month) => indexOf(month + 1, 15));

/** A value for each day of the common year from twelve monthly means, straight lines between the middles of months. */
export function dailyFromMonthly(monthly: readonly number[]): number[] {
  return Array.from({ length: YEAR_DAYS }, (_, day) => {
    const next = MIDDLES.findIndex((middle) => middle >= day);
    const to = next === -1 ? 0 : next;
    const from = (to + 11) % 12;
    const start = MIDDLES[from] ?? 0;
    const length = ((MIDDLES[to] ?? 0) - start + YEAR_DAYS) % YEAR_DAYS;
    const share = ((day - start + YEAR_DAYS) % YEAR_DAYS) / length;
    return (monthly[from] ?? 0) * (1 - share) + (monthly[to] ?? 0) * share;
  });
}

/** The centred 31-day mean of each day, round the year. */
export function smoothed(daily: readonly number[]): number[] {
  return daily.map((_, day) => {
    let sum = 0;
    for (let offset = -15; offset <= 15; offset += 1)
      sum += daily[(day + offset + YEAR_DAYS) % YEAR_DAYS] ?? 0;
    return sum / 31;
  });
}

/** A stretch of the year: its first and last day as places in the common year; it may run over the new year. */
export type Stretch = { readonly from: number; readonly to: number } | 'always' | 'never';

/** The longest unbroken stretch of the year for which something holds. */
export function longestStretch(daily: readonly number[], holds: (value: number) => boolean): Stretch {
  const held = daily.map(holds);
  if (held.every(Boolean)) return 'always';
  if (!held.some(Boolean)) return 'never';
  const start = held.findIndex((value) => !value);
  let best = { from: 0, length: 0 };
  let from = -1;
  for (let step = 1; step <= YEAR_DAYS; step += 1) {
    const day = (start + step) % YEAR_DAYS;
    if (held[day] && from < 0) from = step;
    if (!held[day] && from >= 0) {
      if (step - from > best.length) best = { from, length: step - from };
      from = -1;
    }
  }
  const first = (start + best.from) % YEAR_DAYS;
  return { from: first, to: (first + best.length - 1) % YEAR_DAYS };
}
