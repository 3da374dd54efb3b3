import { z } from 'zod';
import { civilDateSchema, civilFromDays, toDay, weekdayOf, type DayNumber } from '../calendar/civilDate.ts';
import { monthDaySchema } from '../climate/anchor.ts';
import { skillSchema } from '../practice/planning.ts';

const DAY_MINUTES = 24 * 60;
const PROBLEMS = { order: { params: { problem: 'days-order' }, message: 'must not end before it begins' } };

/** The days of a week, Monday first: 0 to 6. */
const weekdaySchema = z.int().min(0).max(6);
const timeSchema = z
  .string()
  .regex(/^([01]\d|2[0-3]):[0-5]\d$/, 'must be a time written HH:MM, such as 22:00')
  .meta({ description: 'A time of day, HH:MM' });

/** How a household works on its house. Only its minutes must be told. */
export const householdSchema = z
  .strictObject({
    minutes: z
      .array(z.int().min(0).max(DAY_MINUTES))
      .length(7)
      .meta({ description: 'Minutes for the house on each day of the week, Monday first' }),
    weeks: z
      .array(
        z.strictObject({
          from: monthDaySchema,
          to: monthDaySchema,
          minutes: z
            .int()
            .min(0)
            .max(7 * DAY_MINUTES),
        }),
      )
      .max(20)
      .optional()
      .meta({ description: 'Parts of the year with other minutes a week' }),
    away: z
      .array(
        z
          .strictObject({ from: civilDateSchema, to: civilDateSchema })
          .refine(({ from, to }) => from <= to, { path: ['to'], ...PROBLEMS.order }),
      )
      .max(50)
      .optional()
      .meta({ description: 'Days on which nobody is there, first and last' }),
    helper: z
      .array(weekdaySchema)
      .max(7)
      .optional()
      .meta({ description: 'Days of the week on which a second person can help; without it any day' }),
    does: z
      .partialRecord(skillSchema, z.boolean())
      .optional()
      .meta({ description: 'Work the household does itself or leaves to others' }),
    heat: z
      .number()
      .min(15)
      .max(60)
      .optional()
      .meta({ description: '°C: weeks that are usually hotter are no time for work outdoors' }),
    quiet: z
      .strictObject({ from: timeSchema, to: timeSchema })
      .optional()
      .meta({ description: 'Hours without noise' }),
    hourWorth: z
      .int()
      .min(0)
      .max(1_000_000_000)
      .optional()
      .meta({ description: 'The worth of an hour of own work, in the smallest unit of the currency' }),
  })
  .meta({ id: 'Household' });
export type Household = z.infer<typeof householdSchema>;

/** A household that has not said how it works: its hours a week, half on Saturday and half on Sunday. */
export function usualHousehold(hours: number): Household {
  const half = Math.round(hours * 30);
  return { minutes: [0, 0, 0, 0, 0, half, half] };
}

/** The place of a day in a week that begins on Monday: 0 to 6. */
export const weekdayFromMonday = (day: DayNumber): number => (weekdayOf(day) + 6) % 7;

/** Whether nobody is there on a day. */
export const isAway = ({ away = [] }: Household, day: DayNumber): boolean =>
  away.some(({ from, to }) => toDay(from) <= day && day <= toDay(to));

/** Whether a second person can help on a day. */
export const hasHelper = ({ helper }: Household, day: DayNumber): boolean =>
  helper === undefined || helper.includes(weekdayFromMonday(day));

/**
 * Minutes the household gives to some days of one week. In a part of the year with other minutes, those are spread over the week as its
 * usual ones are, or evenly where it usually has none. Days away have none.
 */
export function minutesOf(household: Household, days: readonly DayNumber[]): number {
  return days.reduce((sum, day) => sum + minutesOn(household, day), 0);
}

/** Minutes the household gives to one day. */
export function minutesOn(household: Household, day: DayNumber): number {
  if (isAway(household, day)) return 0;
  const usual = household.minutes[weekdayFromMonday(day)] ?? 0;
  const other = household.weeks?.find((part) => inPart(part, day));
  if (!other) return usual;
  const week = household.minutes.reduce((sum, minutes) => sum + minutes, 0);
  return other.minutes * (week === 0 ? 1 / 7 : usual / week);
}

/** Whether a day is in a part of the year; one whose end is before its beginning runs over the new year. */
function inPart({ from, to }: { readonly from: string; readonly to: string }, day: DayNumber): boolean {
  const { month, day: dayOfMonth } = civilFromDays(day);
  const now = `${String(month).padStart(2, '0')}-${String(dayOfMonth).padStart(2, '0')}`;
  return from <= to ? from <= now && now <= to : now >= from || now <= to;
}

/** Whether the household wants no noise at a time of day, HH:MM; its quiet hours may run over midnight. */
export function isQuiet({ quiet }: Household, time: string): boolean {
  if (!quiet) return false;
  const { from, to } = quiet;
  return from <= to ? from <= time && time < to : time >= from || time < to;
}
