import { z } from 'zod';

const date = z.string().regex(/^\d{4}-\d{2}-\d{2}$/);
const monthDay = z.string();
const length = z.strictObject({ every: z.int(), unit: z.enum(['day', 'week', 'month', 'year']) });
const anchors = z.record(
  z.string(),
  z.union([monthDay, z.strictObject({ '10': monthDay, '50': monthDay, '90': monthDay })]),
);
const worthUntil = z
  .union([
    z.strictObject({ anchor: z.string(), days: z.int(), risk: z.int().optional() }),
    z.strictObject({ monthDay }),
    z.strictObject({ afterDays: z.int() }),
  ])
  .optional();
const allowsFor = z.array(z.string()).optional();

type NeutralLeaf = z.infer<typeof leafRule>;
export type NeutralRule =
  | NeutralLeaf
  | { kind: 'condition'; inspect: NeutralRule; actOn: string[]; responseDays: number; allowsFor?: string[] }
  | { kind: 'first'; rules: NeutralRule[]; allowsFor?: string[] };

const leafRule = z.discriminatedUnion('kind', [
  z.strictObject({ kind: z.literal('interval'), ...length.shape, floor: z.int().optional(), allowsFor }),
  z.strictObject({
    kind: z.literal('dates'),
    monthDays: z.array(monthDay),
    everyYears: z.int().optional(),
    baseYear: z.int().optional(),
    worthUntil,
    allowsFor,
  }),
  z.strictObject({
    kind: z.literal('clockChange'),
    which: z.enum(['spring', 'autumn', 'both']),
    worthUntil,
    allowsFor,
  }),
  z.strictObject({
    kind: z.literal('season'),
    anchor: z.string(),
    days: z.int(),
    risk: z.int().optional(),
    worthUntil,
    allowsFor,
  }),
  z.strictObject({
    kind: z.literal('usage'),
    meter: z.string(),
    limit: z.number(),
    expectedPerDay: z.number().optional(),
    allowsFor,
  }),
  z.strictObject({ kind: z.literal('age'), lifespan: length, allowsFor }),
  z.strictObject({ kind: z.literal('event'), trigger: z.string(), days: z.int(), allowsFor }),
]);

const rule: z.ZodType<NeutralRule> = z.union([
  leafRule,
  z.strictObject({
    kind: z.literal('condition'),
    get inspect() {
      return rule;
    },
    actOn: z.array(z.string()),
    responseDays: z.int(),
    allowsFor,
  }),
  z.strictObject({
    kind: z.literal('first'),
    get rules() {
      return z.array(rule);
    },
    allowsFor,
  }),
]) as z.ZodType<NeutralRule>;

const duty = z.strictObject({
  id: z.string(),
  adopted: date,
  rule,
  lifeSafety: z.boolean().optional(),
  factors: z.array(z.strictObject({ trait: z.string(), factor: z.number() })).optional(),
  window: z.strictObject({ early: z.int().optional(), grace: z.int().optional() }).optional(),
  gate: z
    .union([
      z.strictObject({ season: z.enum(['heating', 'cooling', 'freezing', 'frostFree']) }),
      z.strictObject({ trait: z.string() }),
      z.strictObject({ state: z.string(), is: z.enum(['open', 'closed']) }),
    ])
    .optional(),
  closing: z.boolean().optional(),
  freezeGuard: z.strictObject({ threshold: z.number().optional() }).optional(),
  bound: z.string().optional(),
  handy: z.string().optional(),
  pair: z.strictObject({ state: z.string(), role: z.enum(['close', 'open']) }).optional(),
  asset: z
    .strictObject({
      manufactured: z.string().optional(),
      installed: date.optional(),
      printedLife: length.optional(),
    })
    .optional(),
  trade: z
    .strictObject({
      leadDays: z.int(),
      busy: z.strictObject({ from: z.string(), to: z.string(), leadDays: z.int() }).optional(),
    })
    .optional(),
  supplies: z.strictObject({ inStock: z.boolean(), deliveryDays: z.int() }).optional(),
});
export type NeutralDuty = z.infer<typeof duty>;

const entry = <K extends string, S extends z.core.$ZodLooseShape>(kind: K, shape: S) =>
  z.strictObject({ id: z.string(), kind: z.literal(kind), date, seq: z.int(), ...shape });
const ofDuty = { duty: z.string() };
const entries = z.discriminatedUnion('kind', [
  entry('done', { ...ofDuty, meterValue: z.number().optional() }),
  entry('skipped', { ...ofDuty, why: z.string().optional() }),
  entry('replaced', { ...ofDuty, manufactured: z.string().optional(), printedLife: length.optional() }),
  entry('putOff', { ...ofDuty, occurrence: z.string(), to: date, why: z.string() }),
  entry('paused', ofDuty),
  entry('resumed', ofDuty),
  entry('terms', { ...ofDuty, rule }),
  entry('reading', { meter: z.string(), value: z.number() }),
  entry('finding', { ...ofDuty, grade: z.string() }),
  entry('shut', { state: z.string() }),
  entry('opened', { state: z.string() }),
  entry('event', { trigger: z.string() }),
  entry('amends', { target: z.string(), set: z.strictObject({ date }) }),
  entry('voids', { target: z.string() }),
]);
export type NeutralEntry = z.infer<typeof entries>;

const expected = z.strictObject({
  earliest: date.nullable(),
  due: date.nullable(),
  latest: date.nullable(),
  standing: z.enum(['ahead', 'open', 'late', 'lapsed', 'paused']).nullable(),
  baseline: z.boolean(),
  missed: z.array(date).optional(),
  extras: z.array(date).optional(),
  bookBy: date.nullable().optional(),
  bookShown: z.boolean().optional(),
  orderBy: date.nullable().optional(),
  orderShown: z.boolean().optional(),
  state: z.enum(['open', 'closed', 'unknown']).optional(),
  lookAt: date.nullable().optional(),
  lesserDue: z.array(date.nullable()).optional(),
  askAcknowledgement: z.boolean().optional(),
});
export type Expected = z.infer<typeof expected>;

/** A home, what happened in it, and what is due on a day, told without the words of this program. */
export const neutralCaseSchema = z.strictObject({
  id: z.string(),
  family: z.string(),
  note: z.string().optional(),
  home: z.strictObject({
    zone: z.string(),
    southern: z.boolean(),
    climate: anchors,
    overrides: anchors.optional(),
    traits: z.array(z.string()),
  }),
  duties: z.array(duty),
  entries: z.array(entries),
  outlook: z.array(
    z.strictObject({
      date,
      low: z.number(),
      windstorm: z.boolean().optional(),
      heavyRain: z.boolean().optional(),
    }),
  ),
  today: date,
  expected: z.record(z.string(), expected),
  refused: z.array(z.string()),
});
export type NeutralCase = z.infer<typeof neutralCaseSchema>;
