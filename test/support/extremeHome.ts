import fc from 'fast-check';
import { civil, toCivilDate, toDay } from '../../src/core/calendar/civilDate.ts';
import { ANCHORS, seasonSchema } from '../../src/core/climate/anchor.ts';
import {
  HOUSE_FILE_FORMAT,
  HOUSE_FILE_VERSION,
  type HouseFile,
} from '../../src/core/formats/houseFileShape.ts';
import type { Entry, EntryBody } from '../../src/core/ledger/entry.ts';
import type { Rule } from '../../src/core/practice/rule.ts';
import type { Timing } from '../../src/core/practice/timing.ts';
import { terms } from './oneDuty.ts';

const FIRST = toDay(civil('1900-01-01'));
const LAST = toDay(civil('2999-12-31'));
const one = <const T>(...values: readonly T[]): fc.Arbitrary<T> => fc.constantFrom(...values);
const kind = <K extends string>(of: K): fc.Arbitrary<K> => fc.constant(of);
const maybe = <T>(of: fc.Arbitrary<T>): fc.Arbitrary<T | undefined> => fc.option(of, { nil: undefined });

/** A day of the supported years, more often than not at their very ends. */
export const extremeDay = fc
  .oneof(
    fc.integer({ min: FIRST, max: FIRST + 400 }),
    fc.integer({ min: LAST - 400, max: LAST }),
    fc.integer({ min: toDay(civil('2024-01-01')), max: toDay(civil('2027-12-31')) }),
  )
  .map(toCivilDate);

const monthDay = one('01-01', '02-29', '06-30', '12-31');
const span = one(
  { unit: 'days', count: 1 },
  { unit: 'days', count: 36_525 },
  { unit: 'weeks', count: 5_200 },
  { unit: 'months', count: 1_200 },
  { unit: 'years', count: 100 },
  { unit: 'years', count: 1 },
) as fc.Arbitrary<Extract<Rule, { kind: 'age' }>['lifespan']>;

const plainRule: fc.Arbitrary<Rule> = fc.oneof(
  fc.record(
    { kind: kind('interval'), every: span, floorDays: one(1, 36_525) },
    { requiredKeys: ['kind', 'every'] },
  ),
  fc.record(
    {
      kind: kind('dates'),
      monthDays: fc.uniqueArray(monthDay, { minLength: 1 }),
      cycle: fc.record({ years: one(1, 7, 100), baseYear: one(1900, 1999, 2026, 2999) }),
    },
    { requiredKeys: ['kind', 'monthDays'] },
  ),
  fc.record({ kind: kind('clockChange'), on: one('spring', 'autumn', 'both') }),
  fc.record({ kind: kind('season'), anchor: one(...ANCHORS), offsetDays: one(-180, 0, 180) }),
  fc.record(
    {
      kind: kind('usage'),
      meter: kind('hours'),
      limit: one(1e-9, 1, 400_000, 1e9),
      expectedPerDay: one<number | 'heating' | 'cooling'>(1e-300, 1e-6, 1, 1e6, 'heating', 'cooling'),
    },
    { requiredKeys: ['kind', 'meter', 'limit'] },
  ),
  fc.record({ kind: kind('age'), lifespan: span }),
  fc.record({ kind: kind('event'), triggers: fc.constant<string[]>(['guests']), respondDays: one(0, 365) }),
);
const rule: fc.Arbitrary<Rule> = fc.oneof(
  { weight: 3, arbitrary: plainRule },
  fc.record({
    kind: kind('condition'),
    look: plainRule,
    change: fc.constant({ finding: 'worn' }),
    respondDays: one(0, 365),
  }),
  fc.record({ kind: kind('first'), of: fc.array(plainRule, { minLength: 2, maxLength: 3 }) }),
);

const timing: fc.Arbitrary<Timing> = fc.record(
  {
    lifeSafety: fc.boolean(),
    earlyDays: one(0, 365),
    graceDays: one(0, 365),
    gates: fc.array(fc.record({ kind: kind('season'), season: one(...seasonSchema.options) }), {
      maxLength: 1,
    }),
    freezeGuard: fc.constant({ atOrBelow: 0 }),
    pair: fc.record({ state: kind('tap'), half: one('closes', 'opens') }),
    lead: fc.record({ days: one(0, 365) }),
    needs: fc.constant([{ supply: 'cell', quantity: 100_000, deliveryDays: 365 }]),
  },
  { requiredKeys: ['lifeSafety'] },
);

const act = (duty: string): fc.Arbitrary<EntryBody> =>
  fc.oneof(
    fc.constant<EntryBody>({ kind: 'done', duty }),
    fc.constant<EntryBody>({ kind: 'paused', duty }),
    fc.constant<EntryBody>({ kind: 'resumed', duty }),
    fc.constant<EntryBody>({ kind: 'finding', asset: 'a', what: 'worn', duty }),
    fc.constant<EntryBody>({ kind: 'event', trigger: 'guests' }),
    fc.constant<EntryBody>({ kind: 'shut', asset: 'a', state: 'tap' }),
    extremeDay.map((to): EntryBody => ({
      kind: 'putOff',
      duty,
      occurrence: `${duty}:adopted-${duty}`,
      to,
      why: 'later',
    })),
    one(-1.7e308, 0, 1e-300, 1.7e308).map((value): EntryBody => ({
      kind: 'reading',
      asset: 'a',
      measure: 'hours',
      value,
      unit: 'h',
    })),
  );

const someDuty = fc.record({ timing, rule, factors: fc.array(one(1e-300, 0.5, 1, 10), { maxLength: 2 }) });

/** Homes a house file may hold whose dates lie at the ends of the supported years, with the day they are looked at. */
export const extremeHome: fc.Arbitrary<{ file: HouseFile; on: string }> = fc
  .record({
    made: maybe(one('1900', '1999-05', '2999', '2999-12-31')),
    installed: maybe(extremeDay),
    adopted: extremeDay,
    duties: fc.array(someDuty, { minLength: 1, maxLength: 3 }),
    station: fc.boolean(),
    on: extremeDay,
  })
  .chain((home) => {
    const ids = home.duties.map((_, index) => `d${index}`);
    const acts = fc.array(fc.tuple(extremeDay, fc.oneof(...ids.map(act))), { maxLength: 8 });
    return acts.map((some) => ({ file: fileOf(home, some), on: home.on }));
  });

interface Parts {
  readonly made: string | undefined;
  readonly installed: string | undefined;
  readonly adopted: string;
  readonly duties: readonly { timing: Timing; rule: Rule; factors: readonly number[] }[];
  readonly station: boolean;
}

function fileOf(parts: Parts, acts: readonly (readonly [string, EntryBody])[]): HouseFile {
  const { made, installed, adopted, duties, station } = parts;
  const entry = (id: string, date: string, body: EntryBody): Entry => ({
    id,
    date: civil(date),
    stampedAt: '2026-01-15T12:00:00.000Z',
    by: 'p',
    body,
  });
  return {
    format: HOUSE_FILE_FORMAT,
    version: HOUSE_FILE_VERSION,
    home: {
      id: 'h',
      name: 'Far house',
      zone: 'America/Chicago',
      hemisphere: 'north',
      units: 'us',
      vocabulary: 'en-US',
      currency: 'USD',
      ...(station && { climate: { station: 'cold-plains' } }),
    },
    people: [{ id: 'p', name: 'P' }],
    spaces: [],
    assets: [
      {
        id: 'a',
        kind: 'other',
        name: 'Thing',
        ...(installed !== undefined && { installed: civil(installed) }),
        ...(made !== undefined && { facts: { made } }),
      },
    ],
    duties: duties.map(({ timing: own }, index) => ({
      id: `d${index}`,
      asset: 'a',
      practice: { from: 'home', title: `Duty ${index}`, ...own },
      companions: index === 0 ? {} : { handy: ['d0'] },
    })),
    entries: [
      ...duties.map(({ rule: of, factors }, index) =>
        entry(`adopted-d${index}`, adopted, {
          kind: 'adopted',
          duty: `d${index}`,
          terms: terms(of, factors),
        }),
      ),
      ...acts.map(([date, body], index) => entry(`e${index}`, date, body)),
    ],
  };
}
