import { z } from 'zod';
import { spanSchema } from '../calendar/span.ts';
import { daysInMonth } from '../calendar/civilDate.ts';

/** A month and a day of it, written `MM-DD`; `02-29` is allowed and becomes the 28th in common years. */
export const monthDaySchema = z
  .string()
  .refine(isMonthDay, {
    params: { problem: 'month-day' },
    message: 'must be a day of the year written MM-DD, such as 04-15',
  })
  .meta({ description: 'A day of the year, MM-DD' });

function isMonthDay(text: string): boolean {
  const match = /^(\d{2})-(\d{2})$/.exec(text);
  if (!match) return false;
  const [month, day] = [Number(match[1]), Number(match[2])];
  return month >= 1 && month <= 12 && day >= 1 && day <= daysInMonth(2000, month);
}

/** Every N days, weeks, months or years after it was last done. `floorDays`: factors never shorten it below this. */
export const intervalRuleSchema = z.strictObject({
  kind: z.literal('interval'),
  every: spanSchema,
  floorDays: z.int().min(1).max(36_525).optional(),
});

/** Fixed days of the year; with `cycle`, only in the base year and every N years after it, never before. */
export const datesRuleSchema = z.strictObject({
  kind: z.literal('dates'),
  monthDays: z.array(monthDaySchema).min(1).max(24),
  cycle: z.strictObject({ years: z.int().min(1).max(100), baseYear: z.int().min(1900).max(2999) }).optional(),
});

/** The clock changes of the home's zone. */
export const clockChangeRuleSchema = z.strictObject({
  kind: z.literal('clockChange'),
  on: z.enum(['spring', 'autumn', 'both']),
});

export const ruleSchema = z
  .discriminatedUnion('kind', [intervalRuleSchema, datesRuleSchema, clockChangeRuleSchema])
  .meta({ id: 'Rule', description: 'When a duty falls due' });

export type IntervalRule = z.infer<typeof intervalRuleSchema>;
export type DatesRule = z.infer<typeof datesRuleSchema>;
export type ClockChangeRule = z.infer<typeof clockChangeRuleSchema>;
export type CalendarRule = DatesRule | ClockChangeRule;
export type Rule = z.infer<typeof ruleSchema>;
