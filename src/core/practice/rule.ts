import { z } from 'zod';
import { codeSchema } from '../basics/code.ts';
import { spanSchema } from '../calendar/span.ts';
import { anchorSchema, freezeRiskSchema, monthDaySchema } from '../climate/anchor.ts';

/** Every N days, weeks, months or years after it was last done. `floorDays`: factors never shorten it below this. */
export const intervalRuleSchema = z.strictObject({
  kind: z.literal('interval'),
  every: spanSchema,
  floorDays: z.int().min(1).max(36_525).optional(),
});

const worthDays = z.int().min(-180).max(180);

/**
 * Until when the work of a listed date still makes sense, that day included: a number of days before or after a turning point of the
 * year (freezes at 10 % risk unless said), or a month-day, each the first such day on or after the listed date; or so many days
 * after it. In a home without that season it says nothing.
 */
export const worthUntilSchema = z
  .union([
    z.strictObject({ season: anchorSchema, days: worthDays, risk: freezeRiskSchema.optional() }),
    z.strictObject({ monthDay: monthDaySchema }),
    z.strictObject({ afterDays: z.int().min(0).max(365) }),
  ])
  .meta({ id: 'WorthUntil', description: 'Until when the work of a listed date still makes sense' });
export type WorthUntil = z.infer<typeof worthUntilSchema>;

/** Fixed days of the year; with `cycle`, only in the base year and every N years after it, never before. */
export const datesRuleSchema = z.strictObject({
  kind: z.literal('dates'),
  monthDays: z.array(monthDaySchema).min(1).max(24),
  cycle: z.strictObject({ years: z.int().min(1).max(100), baseYear: z.int().min(1900).max(2999) }).optional(),
  worthUntil: worthUntilSchema.optional(),
});

/** The clock changes of the home's zone. */
export const clockChangeRuleSchema = z.strictObject({
  kind: z.literal('clockChange'),
  on: z.enum(['spring', 'autumn', 'both']),
  worthUntil: worthUntilSchema.optional(),
});

/** A number of days before (negative) or after a turning point of the home's year, each year. `risk`: of freezes, 10 % unless said. */
export const seasonRuleSchema = z.strictObject({
  kind: z.literal('season'),
  anchor: anchorSchema,
  offsetDays: z.int().min(-180).max(180),
  risk: freezeRiskSchema.optional(),
  worthUntil: worthUntilSchema.optional(),
});

/** How a meter is expected to run: so much a day, or as the plant does in this climate (hours). */
const expectedSchema = z.union([
  z.number().gt(0).max(1_000_000),
  z.enum(['heating', 'cooling', 'heatingAndCooling']),
]);

/** When a meter (run hours, loads, fills) has run its limit since the last time. */
export const usageRuleSchema = z.strictObject({
  kind: z.literal('usage'),
  meter: codeSchema,
  limit: z.number().gt(0).max(1_000_000_000),
  expectedPerDay: expectedSchema.optional(),
});

/** A length of life counted from the date of manufacture, else of installation. */
export const ageRuleSchema = z.strictObject({ kind: z.literal('age'), lifespan: spanSchema });

/** So many days after something happened. */
export const eventRuleSchema = z.strictObject({
  kind: z.literal('event'),
  triggers: z.array(codeSchema).min(1).max(12),
  respondDays: z.int().min(0).max(365),
});

/** The sign that calls for the change: a finding of that name, or a reading of that measure at or over a value. */
export const callsForSchema = z.union([
  z.strictObject({ finding: codeSchema }),
  z.strictObject({ measure: codeSchema, atLeast: z.number() }),
]);

/** Look by the inner rule; what a look finds makes the change due within its response days. */
export interface ConditionRule {
  kind: 'condition';
  look: Rule;
  change: z.infer<typeof callsForSchema>;
  respondDays: number;
}

/** Whichever of several rules comes first. */
export interface FirstRule {
  kind: 'first';
  of: Rule[];
}

export const conditionRuleSchema = z.strictObject({
  kind: z.literal('condition'),
  get look(): z.ZodType<Rule> {
    return ruleSchema;
  },
  change: callsForSchema,
  respondDays: z.int().min(0).max(365),
});

export const firstRuleSchema = z.strictObject({
  kind: z.literal('first'),
  get of(): z.ZodArray<z.ZodType<Rule>> {
    return z.array(ruleSchema).min(2).max(6);
  },
});

export type IntervalRule = z.infer<typeof intervalRuleSchema>;
export type DatesRule = z.infer<typeof datesRuleSchema>;
export type ClockChangeRule = z.infer<typeof clockChangeRuleSchema>;
export type SeasonRule = z.infer<typeof seasonRuleSchema>;
export type UsageRule = z.infer<typeof usageRuleSchema>;
export type AgeRule = z.infer<typeof ageRuleSchema>;
export type EventRule = z.infer<typeof eventRuleSchema>;
export type CalendarRule = DatesRule | ClockChangeRule | SeasonRule;
export type Rule = IntervalRule | CalendarRule | UsageRule | AgeRule | EventRule | ConditionRule | FirstRule;

/** The rules that count inside a rule, wherever nested: the looks of a condition, each part of a `first`, else itself. */
export function countingRules(rule: Rule): readonly Exclude<Rule, ConditionRule | FirstRule>[] {
  if (rule.kind === 'condition') return countingRules(rule.look);
  if (rule.kind === 'first') return rule.of.flatMap(countingRules);
  return [rule];
}

/** Whether a rule is, or holds, one of several of which the earliest counts. */
export function takesEarliest(rule: Rule): boolean {
  return rule.kind === 'condition' ? takesEarliest(rule.look) : rule.kind === 'first';
}

/** Whether a rule lists dates, wherever nested: days that are owed whatever was done before. */
export function listsDates(rule: Rule): boolean {
  if (rule.kind === 'condition') return listsDates(rule.look);
  if (rule.kind === 'first') return rule.of.some(listsDates);
  return rule.kind === 'dates' || rule.kind === 'clockChange' || rule.kind === 'season';
}

/** Whether the age of the thing decides, wherever nested. */
export function goesByAge(rule: Rule): boolean {
  if (rule.kind === 'condition') return goesByAge(rule.look);
  return rule.kind === 'first' ? rule.of.some(goesByAge) : rule.kind === 'age';
}

/** Whether factors act on a rule: on intervals alone, wherever nested. */
export const takesFactors = (rule: Rule): boolean =>
  countingRules(rule).some(({ kind }) => kind === 'interval');

export const ruleSchema: z.ZodType<Rule> = z
  .discriminatedUnion('kind', [
    intervalRuleSchema,
    datesRuleSchema,
    clockChangeRuleSchema,
    seasonRuleSchema,
    usageRuleSchema,
    ageRuleSchema,
    eventRuleSchema,
    conditionRuleSchema,
    firstRuleSchema,
  ])
  .meta({ id: 'Rule', description: 'When a duty falls due' });
