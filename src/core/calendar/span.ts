import { z } from 'zod';
import { assertNever } from '../basics/result.ts';
import { civilFromDays, daysFromCivil, daysInMonth, type DayNumber } from './civilDate.ts';

/** A length of time in calendar units, such as 3 months. */
export const spanSchema = z
  .discriminatedUnion('unit', [
    z.strictObject({ unit: z.literal('days'), count: z.int().min(1).max(36_525) }),
    z.strictObject({ unit: z.literal('weeks'), count: z.int().min(1).max(5_200) }),
    z.strictObject({ unit: z.literal('months'), count: z.int().min(1).max(1_200) }),
    z.strictObject({ unit: z.literal('years'), count: z.int().min(1).max(100) }),
  ])
  .meta({ id: 'Span', description: 'A whole number of days, weeks, months or years' });
export type Span = z.infer<typeof spanSchema>;

/** Calendar addition: a day of the month that the target month lacks becomes its last day (31 Jan + 1 month = 28 or 29 Feb). */
export function addSpan(from: DayNumber, span: Span): DayNumber {
  switch (span.unit) {
    case 'days':
      return from + span.count;
    case 'weeks':
      return from + span.count * 7;
    case 'months':
      return addMonths(from, span.count);
    case 'years':
      return addMonths(from, span.count * 12);
  }
  return assertNever(span);
}

function addMonths(from: DayNumber, months: number): DayNumber {
  const { year, month, day } = civilFromDays(from);
  const index = year * 12 + (month - 1) + months;
  const targetYear = Math.floor(index / 12);
  const targetMonth = (index % 12) + 1;
  return daysFromCivil(targetYear, targetMonth, Math.min(day, daysInMonth(targetYear, targetMonth)));
}

/** Days of the mean Gregorian-with-leap-day calendar used for shares of an interval: a month 30.4375, a year 365.25. */
export function nominalDays(span: Span): number {
  switch (span.unit) {
    case 'days':
      return span.count;
    case 'weeks':
      return span.count * 7;
    case 'months':
      return span.count * 30.4375;
    case 'years':
      return span.count * 365.25;
  }
  return assertNever(span);
}
