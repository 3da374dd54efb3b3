import { z } from 'zod';
import { civilDateSchema } from '../calendar/civilDate.ts';
import { spanSchema } from '../calendar/span.ts';
import { anchorSchema, freezeRiskSchema } from '../climate/anchor.ts';
import { worthUntilSchema } from '../practice/rule.ts';
import { gateSchema } from '../practice/timing.ts';
import { factorSchema } from '../practice/terms.ts';

const date = civilDateSchema;
const days = z.int();
const reason = <K extends string, S extends z.core.$ZodLooseShape>(kind: K, shape: S) =>
  z.strictObject({ kind: z.literal(kind), ...shape });

/** Where the length of an early or grace period comes from. */
export const marginSourceSchema = z.enum([
  'share',
  'calendar',
  'stated',
  'neighbour',
  'lifeSafety',
  'trigger',
  'freeze',
  'owed',
]);
export type MarginSource = z.infer<typeof marginSourceSchema>;

const window = { due: date, earliest: date, latest: date };

/**
 * One step of the derivation of a date, in the order taken. `due` is the date as it stands after the step; the other
 * fields are the step's own inputs, enough to take it again (`recompute.ts`).
 */
export const reasonSchema = z.discriminatedUnion('kind', [
  // Steps of the rule.
  reason('lastDone', { on: date, how: z.enum(['done', 'skipped', 'looked']) }),
  reason('interval', { every: spanSchema, due: date }),
  reason('factors', {
    factors: z.array(factorSchema),
    product: z.number(),
    held: z.number(),
    days,
    due: date,
  }),
  reason('floor', { floorDays: days, due: date }),
  reason('plainHolds', { side: z.enum(['latest', 'earliest']), due: date }),
  reason('noRecord', { due: date }),
  reason('termsBegan', { due: date }),
  reason('listed', { due: date }),
  reason('clockChange', {
    season: z.enum(['spring', 'autumn']),
    zone: z.string(),
    conventional: z.boolean(),
    due: date,
  }),
  reason('season', {
    anchor: anchorSchema,
    risk: freezeRiskSchema.nullable(),
    basis: z.enum(['set', 'station', 'imported', 'convention']),
    on: date,
    offsetDays: days,
    due: date,
  }),
  reason('usage', {
    meter: z.string(),
    limit: z.number(),
    /** The meter and the day it was last reset; the last reading, where there is one since. */
    from: z.number(),
    resetOn: date,
    reading: z.strictObject({ on: date, value: z.number() }).nullable(),
    /** The expected rate, or the plant whose hours the climate tells; null when the reading itself has reached the limit. */
    expected: z.union([z.number(), z.string()]).nullable(),
    ahead: days,
    due: date,
  }),
  reason('called', {
    what: z.string(),
    value: z.number().nullable(),
    on: date,
    respondDays: days,
    due: date,
  }),
  reason('age', {
    from: z.enum(['made', 'installed', 'replaced', 'done']),
    on: date,
    lifespan: spanSchema,
    /** The life printed on the unit, not that of its rule. */
    printed: z.literal(true).optional(),
    due: date,
  }),
  /** The end printed on the unit. */
  reason('printedEnd', { due: date }),
  reason('ageUnknown', { due: date }),
  /** Its listed date passed before the adoption; it is worth doing still. */
  reason('caughtUp', { listed: date, worthUntil: date, due: date }),
  /** It was opened while its listed date was still worth doing. */
  reason('openedAgain', { listed: date, on: date, worthUntil: date, due: date }),
  reason('trigger', {
    trigger: z.string(),
    source: z.enum(['logged', 'observed', 'forecast']),
    on: date,
    respondDays: days,
    due: date,
  }),
  reason('notBeforeToday', { due: date }),
  /** Another part of a `first` rule, with its later date. */
  reason('lesser', { rule: z.string(), due: date }),
  /** The season state, since when: why this half of a pair exists. */
  reason('stateSince', {
    state: z.string(),
    standing: z.enum(['open', 'closed', 'unknown']),
    since: date.nullable(),
  }),
  reason('window', {
    basisDays: z.number().nullable(),
    early: days,
    earlyBy: marginSourceSchema,
    grace: days,
    graceBy: marginSourceSchema,
    earliest: date,
    latest: date,
  }),
  // Steps that move it, in this order.
  reason('putOff', { why: z.string(), ...window }),
  reason('pause', { from: date, to: date, ...window }),
  reason('gate', { gate: gateSchema, opens: date, runFrom: date.nullable(), ...window }),
  reason('runBegins', { gate: gateSchema, earliest: date }),
  /** No window reaches past the day until which its work makes sense, or a later day chosen for it. */
  reason('worthUntil', { by: worthUntilSchema, on: date, latest: date }),
  reason('pull', {
    low: z.number(),
    threshold: z.number(),
    on: date,
    today: date,
    due: date,
    earliest: date,
  }),
  reason('bound', {
    with: z.string(),
    leads: z.strictObject(window),
    graceDays: days.nullable(),
    ...window,
  }),
  /** `today` only where it decides: else the reason stands as long as the date does. */
  reason('handy', { with: z.string(), leadDue: date, today: date.nullable(), due: date }),
]);

export type Reason = z.infer<typeof reasonSchema>;

/** Why a duty has no date at all. */
export const sleepSchema = z
  .discriminatedUnion('kind', [
    reason('season', {
      anchor: anchorSchema,
      risk: freezeRiskSchema.nullable(),
      basis: z.enum(['set', 'none', 'unknown']),
    }),
    reason('gate', { gate: gateSchema }),
    /** Each of its dates would open only when it makes no sense any more. */
    reason('tooLate', { by: worthUntilSchema }),
    reason('state', { state: z.string(), standing: z.enum(['open', 'closed']), since: date }),
    reason('trigger', { triggers: z.array(z.string()) }),
    reason('meter', { meter: z.string(), limit: z.number() }),
    reason('paused', { since: date }),
    /** Its date lies past the last year that can be written. */
    reason('beyond', {}),
    reason('ended', {}),
  ])
  .meta({ id: 'Sleep', description: 'Why nothing of a duty is due' });
export type Sleep = z.infer<typeof sleepSchema>;
