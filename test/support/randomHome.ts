import fc from 'fast-check';
import { civil, toCivilDate, toDay } from '../../src/core/calendar/civilDate.ts';
import { ANCHORS, seasonSchema } from '../../src/core/climate/anchor.ts';
import { stationWeather } from '../../src/core/climate/stationWeather.ts';
import { NO_WEATHER, WEATHER_TRIGGERS } from '../../src/core/climate/weather.ts';
import type { House } from '../../src/core/house/house.ts';
import { isAmendable } from '../../src/core/ledger/corrections.ts';
import type { Entry, EntryBody } from '../../src/core/ledger/entry.ts';
import type { ProjectionInputs } from '../../src/core/schedule/replay/replayHouse.ts';
import type { Rule } from '../../src/core/practice/rule.ts';
import type { Gate, Timing } from '../../src/core/practice/timing.ts';
import { ADOPTED, dayAround, perhapsWorth, someFactors, someRule } from './arbitraries.ts';
import { NO_PRACTICES, terms } from './oneDuty.ts';

/** A made-up home with several duties of every kind that hang together, and what happened there, at most one thing a day. */
export interface RandomHome {
  readonly house: House;
  readonly entries: readonly Entry[];
}

const METERS = ['loads', 'run-hours'];
const FINDINGS = ['dirty', 'worn'];
const STATES = ['tap', 'damper'];
const SUPPLIES = ['cell', 'filter'];
const DUTIES = ['d0', 'd1', 'd2', 'd3', 'd4'];
const ASSETS = ['a', 'b'];
const TRIGGERS = [...WEATHER_TRIGGERS, 'guests'];
const maybe = <T>(of: fc.Arbitrary<T>): fc.Arbitrary<T | undefined> =>
  fc.option(of, { nil: undefined, freq: 3 });
const one = <T>(values: readonly T[]): fc.Arbitrary<T> => fc.constantFrom(...values);
const kind = <K extends string>(of: K): fc.Arbitrary<K> => fc.constant(of);

/** Leaves out what is undefined: house files know no empty fields. */
function without<T extends object>(value: T): T {
  return Object.fromEntries(Object.entries(value).filter(([, part]) => part !== undefined)) as T;
}

const days = (max: number) => fc.integer({ min: 0, max });
const span = fc.record({
  unit: one(['days', 'weeks', 'months', 'years'] as const),
  count: fc.integer({ min: 1, max: 18 }),
});
const seasonRule = perhapsWorth(
  fc
    .record({
      kind: kind('season'),
      anchor: one(ANCHORS),
      offsetDays: fc.integer({ min: -60, max: 60 }),
      risk: maybe(one([10, 50, 90] as const)),
    })
    .map(without),
);
const usageRule = fc
  .record({
    kind: kind('usage'),
    meter: one(METERS),
    limit: fc.integer({ min: 5, max: 900 }),
    expectedPerDay: maybe(fc.oneof(fc.integer({ min: 1, max: 9 }), one(['heating', 'cooling'] as const))),
  })
  .map(without);
const eventRule = fc.record({
  kind: kind('event'),
  triggers: fc.uniqueArray(one(TRIGGERS), { minLength: 1, maxLength: 3 }),
  respondDays: days(30),
});
const ageRule = fc.record({ kind: kind('age'), lifespan: span });
const plainRule: fc.Arbitrary<Rule> = fc.oneof(
  { weight: 3, arbitrary: someRule },
  seasonRule,
  usageRule,
  eventRule,
  ageRule,
);
const conditionRule: fc.Arbitrary<Rule> = fc.record({
  kind: kind('condition'),
  look: plainRule,
  change: one([{ finding: 'dirty' }, { measure: 'grade', atLeast: 3 }]),
  respondDays: days(30),
});
const firstRule: fc.Arbitrary<Rule> = fc.record({
  kind: kind('first'),
  of: fc.array(fc.oneof(plainRule, conditionRule), { minLength: 2, maxLength: 3 }),
});
const anyRule = fc.oneof({ weight: 4, arbitrary: plainRule }, conditionRule, firstRule);

const gate: fc.Arbitrary<Gate> = fc.oneof(
  fc.record({ kind: kind('season'), season: one(seasonSchema.options) }),
  fc.record({ kind: kind('trait'), trait: kind('occupied'), is: kind('yes') }),
  fc.record({ kind: kind('state'), state: one(STATES), standing: one(['open', 'closed'] as const) }),
);
const need = fc.record({
  supply: one(SUPPLIES),
  quantity: fc.integer({ min: 1, max: 4 }),
  deliveryDays: days(20),
});
const timing: fc.Arbitrary<Timing> = fc
  .record({
    lifeSafety: fc.boolean(),
    earlyDays: maybe(days(30)),
    graceDays: maybe(days(30)),
    gates: maybe(fc.array(gate, { minLength: 1, maxLength: 2 })),
    freezeGuard: maybe(fc.record({ atOrBelow: fc.integer({ min: -8, max: 2 }) })),
    pair: maybe(fc.record({ state: one(STATES), half: one(['closes', 'opens'] as const) })),
    lead: maybe(fc.record({ days: days(40) })),
    needs: maybe(fc.array(need, { minLength: 1, maxLength: 2 })),
  })
  .map(without);

const act: fc.Arbitrary<EntryBody> = fc.oneof(
  { weight: 8, arbitrary: fc.record({ kind: kind('done'), duty: one(DUTIES) }) },
  fc.record({ kind: kind('skipped'), duty: one(DUTIES), why: kind('no need') }),
  fc.record({ kind: kind('paused'), duty: one(DUTIES) }),
  fc.record({ kind: kind('resumed'), duty: one(DUTIES) }),
  fc.record({
    kind: kind('terms'),
    duty: one(DUTIES),
    terms: fc.tuple(anyRule, someFactors, fc.boolean()).map(([rule, factors, allows]) => ({
      ...terms(rule, factors),
      ...(allows && { allowsFor: ['factor-0'] }),
    })),
  }),
  {
    weight: 3,
    arbitrary: fc.record({
      kind: kind('reading'),
      asset: one(ASSETS),
      measure: one([...METERS, 'grade']),
      value: days(2_000),
      unit: kind('h'),
    }),
  },
  {
    weight: 2,
    arbitrary: fc.record({
      kind: kind('finding'),
      asset: one(ASSETS),
      what: one(FINDINGS),
      duty: one(DUTIES),
    }),
  },
  {
    weight: 3,
    arbitrary: fc.record({ kind: one(['opened', 'shut'] as const), asset: one(ASSETS), state: one(STATES) }),
  },
  fc.record({
    kind: kind('fact'),
    asset: one(ASSETS),
    fact: kind('life'),
    value: fc.integer({ min: 1, max: 15 }),
  }),
  fc.record({
    kind: kind('fact'),
    asset: one(ASSETS),
    fact: one(['made', 'ends']),
    value: one(['2016', '2027-03', '2028-11-05']),
  }),
  fc.record({ kind: kind('event'), trigger: one(TRIGGERS) }),
  fc.record({ kind: kind('trait'), trait: kind('occupied'), value: one(['yes', 'no', null]) }),
  fc.record({ kind: kind('bought'), supply: one(SUPPLIES), quantity: fc.integer({ min: 1, max: 9 }) }),
);

interface Correction {
  readonly of: number;
  readonly days: number;
  /** Days the entry is moved back; null: it is struck out. */
  readonly earlier: number | null;
}
const correction: fc.Arbitrary<Correction> = fc.record({
  of: fc.nat(40),
  days: days(200),
  earlier: fc.option(fc.integer({ min: -20, max: 60 }), { nil: null }),
});

const companions = fc
  .record({
    bound: maybe(fc.uniqueArray(one(DUTIES), { minLength: 1, maxLength: 2 })),
    handy: maybe(fc.uniqueArray(one(DUTIES), { minLength: 1, maxLength: 2 })),
  })
  .map(without);

const place = one([
  { zone: 'America/Chicago', hemisphere: 'north', climate: { station: 'cold-plains' } },
  { zone: 'America/Chicago', hemisphere: 'north', climate: { station: 'hot-humid' } },
  { zone: 'Australia/Hobart', hemisphere: 'south', climate: { station: 'south-temperate' } },
  { zone: 'Europe/Dublin', hemisphere: 'north' },
] as const);

export const someHome: fc.Arbitrary<RandomHome> = fc
  .record({
    place,
    made: maybe(one(['2009', '2019-05', '2024-02-29'])),
    duties: fc.array(
      fc.record({ asset: one(ASSETS), timing, rule: anyRule, factors: someFactors, companions }),
      {
        minLength: 2,
        maxLength: DUTIES.length,
      },
    ),
    acts: fc.uniqueArray(fc.tuple(dayAround, act), { maxLength: 18, selector: ([date]) => date }),
    corrections: fc.array(correction, { maxLength: 3 }),
  })
  .map(({ place: { climate, ...where }, made, duties, acts, corrections }): RandomHome => {
    const ids = new Set(DUTIES.slice(0, duties.length));
    const known = (list: readonly string[] | undefined) => list?.filter((id) => ids.has(id));
    return {
      house: {
        home: {
          id: 'h',
          name: 'Test house',
          units: 'metric',
          vocabulary: 'en-GB',
          currency: 'EUR',
          ...where,
          ...(climate && { climate }),
        },
        spaces: [],
        assets: ASSETS.map((id) => ({
          id,
          kind: 'smoke-alarm',
          name: id,
          ...(made !== undefined && { facts: { made } }),
        })),
        duties: duties.map(({ asset, timing: own, companions: { bound, handy } }, index) => ({
          id: `d${index}`,
          asset,
          practice: { from: 'home', title: `Duty ${index}`, ...own },
          companions: without({ bound: known(bound), handy: known(handy) }),
        })),
      },
      entries: corrected(
        [
          ...duties.map(({ rule, factors }, index) =>
            entry(
              ADOPTED,
              { kind: 'adopted', duty: `d${index}`, terms: terms(rule, factors) },
              `adopted-${index}`,
            ),
          ),
          ...acts
            .filter(([date]) => date !== ADOPTED)
            .filter(([, body]) => !('duty' in body) || body.duty === undefined || ids.has(body.duty))
            .sort(([a], [b]) => (a < b ? -1 : 1))
            .map(([date, body]) => entry(date, body, `e-${date}`)),
        ],
        corrections,
      ),
    };
  });

/** The ledger with corrections after it, each so many days after what it corrects; none sets a date later than its own. */
function corrected(entries: Entry[], corrections: readonly Correction[]): Entry[] {
  return [
    ...entries,
    ...corrections.flatMap(({ of, days: after, earlier }, index): Entry[] => {
      const target = entries[of % entries.length];
      if (!target || target.body.kind === 'adopted') return [];
      const date = later(target.date, after);
      const isMoved = earlier !== null && isAmendable(target.body.kind);
      const change = { date: later(target.date, Math.min(after, -(earlier ?? 0))) };
      const body: EntryBody = isMoved
        ? { kind: 'amends', target: target.id, change }
        : { kind: 'voids', target: target.id };
      return [entry(date, body, `c-${index}`)];
    }),
  ].filter(onceStruckOut());
}

/** A struck-out entry is not corrected again. */
function onceStruckOut(): (one: Entry) => boolean {
  const struck = new Set<string>();
  return ({ body }) => {
    if (body.kind !== 'voids' && body.kind !== 'amends') return true;
    if (struck.has(body.target)) return false;
    if (body.kind === 'voids') struck.add(body.target);
    return true;
  };
}

const entry = (date: string, body: EntryBody, id: string): Entry => ({
  id,
  date: civil(date),
  stampedAt: '2026-01-15T12:00:00.000Z',
  by: 'p',
  body,
});

/** Inputs of such a home's projection on a day, with its station or without. */
export const weatherOf = ({ house }: RandomHome, on: string, station: boolean): ProjectionInputs => ({
  find: NO_PRACTICES,
  weather: station ? stationWeather(house.home, civil(on)) : NO_WEATHER,
});

/** The day so many days later. */
export const later = (date: string, by: number) => toCivilDate(toDay(civil(date)) + by);
