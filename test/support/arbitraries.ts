import fc from 'fast-check';
import { civil, toCivilDate, toDay } from '../../src/core/calendar/civilDate.ts';
import type { EntryBody } from '../../src/core/ledger/entry.ts';
import { ANCHORS } from '../../src/core/climate/anchor.ts';
import type { Rule, WorthUntil } from '../../src/core/practice/rule.ts';
import { oneDuty, terms, write, type OneDuty } from './oneDuty.ts';

export const ADOPTED = '2026-01-15';
const FIRST = toDay(civil(ADOPTED));

/** A day from ten months before the adoption to three years after it. */
export const dayAround = fc.integer({ min: -300, max: 1_100 }).map((days) => toCivilDate(FIRST + days));

/** A day in the three years after the adoption. */
export const someDay = fc.integer({ min: 0, max: 1_100 }).map((days) => toCivilDate(FIRST + days));

const monthDay = fc
  .integer({ min: 0, max: 364 })
  .map((days) => toCivilDate(toDay(civil('2025-01-01')) + days).slice(5));

export const someWorth: fc.Arbitrary<WorthUntil> = fc.oneof(
  fc.record({
    season: fc.constantFrom(...ANCHORS),
    days: fc.integer({ min: -60, max: 60 }),
    risk: fc.constantFrom(10 as const, 50 as const, 90 as const),
  }),
  fc.record({ monthDay }),
  fc.record({ afterDays: fc.integer({ min: 0, max: 300 }) }),
);
/** A listed rule that says until when it makes sense, or not. */
export const perhapsWorth = <R extends object>(rule: fc.Arbitrary<R>) =>
  fc
    .tuple(rule, fc.option(someWorth, { nil: undefined }))
    .map(([listed, worthUntil]) => (worthUntil ? { ...listed, worthUntil } : listed));

export const intervalRule = fc
  .record({
    unit: fc.constantFrom('days' as const, 'weeks' as const, 'months' as const, 'years' as const),
    count: fc.integer({ min: 1, max: 18 }),
    floorDays: fc.option(fc.integer({ min: 1, max: 120 }), { nil: undefined }),
  })
  .map(({ unit, count, floorDays }): Rule => ({
    kind: 'interval',
    every: { unit, count },
    ...(floorDays !== undefined && { floorDays }),
  }));

export const listedRule: fc.Arbitrary<Rule> = fc.oneof(
  perhapsWorth(
    fc.record({
      kind: fc.constant('dates' as const),
      monthDays: fc.array(monthDay, { minLength: 1, maxLength: 4 }),
    }),
  ),
  perhapsWorth(
    fc.record({
      kind: fc.constant('clockChange' as const),
      on: fc.constantFrom('spring' as const, 'autumn' as const, 'both' as const),
    }),
  ),
);

export const someRule: fc.Arbitrary<Rule> = fc.oneof(intervalRule, { weight: 2, arbitrary: listedRule });

export const someFactors = fc.array(fc.constantFrom(0.33, 0.5, 0.67, 0.75, 0.95, 1, 1.01, 1.2, 1.5, 3), {
  maxLength: 3,
});

const someAct: fc.Arbitrary<EntryBody> = fc.oneof(
  { weight: 6, arbitrary: fc.constant<EntryBody>({ kind: 'done', duty: 'd' }) },
  { weight: 1, arbitrary: fc.constant<EntryBody>({ kind: 'skipped', duty: 'd', why: 'no need' }) },
  {
    weight: 1,
    arbitrary: fc
      .tuple(someRule, someFactors)
      .map(([rule, factors]): EntryBody => ({ kind: 'terms', duty: 'd', terms: terms(rule, factors) })),
  },
);

/** Events of one duty: at most one thing a day, in the order of the days. */
export const someHistory = fc
  .uniqueArray(fc.tuple(someDay, someAct), { maxLength: 12, selector: ([date]) => date })
  .map((acts) => acts.sort(([a], [b]) => (a < b ? -1 : 1)));

export type History = readonly (readonly [string, EntryBody])[];

/** A duty with a history, its entries typed in the order given. */
export function dutyWith(
  rule: Rule,
  factors: readonly number[],
  history: History,
  zone = 'America/Chicago',
): OneDuty {
  const duty = oneDuty(rule, { adopted: ADOPTED, factors, zone });
  history.forEach(([date, body]) => write(duty, date, body, `e-${date}`));
  return duty;
}
