import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { PRACTICES } from '../catalogue/catalogue.ts';
import { planFor } from '../catalogue/planFor.ts';
import { assetSchema, spaceSchema } from '../house/house.ts';
import { fitsSpec } from '../house/factSpec.ts';
import { specOf } from '../house/factsOfKind.ts';
import { traitFits } from '../house/traitSpec.ts';
import { adoptionOf } from './adoption.ts';
import { BASELINE_WEEKS, LINES_A_WEEK, spreadBaseline, type BaselineItem } from './baseline.ts';
import { Given } from './given.ts';
import { HOUSE_KINDS } from './houseKind.ts';
import { likelyAnswers } from './houseKinds.ts';
import { optionsOf, type Answers } from './question.ts';
import { questionsAt, STOPS } from './stops.ts';
import { answersOf, confirmStop, nextStop } from './walked.ts';
import { NEW_WALK, sameWalk, walkStateSchema, type WalkState } from './walkState.ts';
import { walkedHouse } from './walkedHouse.ts';

const NAMING = {
  room: ({ code }: { code: string }) => code,
  thing: (kind: string, number: number | null) => (number === null ? kind : `${kind} ${number}`),
};
const walked = (answers: Answers) =>
  walkedHouse({ ...likelyAnswers('family', null, answers), ...answers }, NAMING);
const PLACE = { hemisphere: 'north' as const, climate: { station: 'cold-plains' } };

describe('several of everything', () => {
  const house = walked({
    heat: 'gas-furnace',
    'heat-count': 2,
    cool: 'central',
    'cool-count': 2,
    drains: 3,
    storeys: 3,
    bedrooms: 5,
    'smoke-rooms': [
      'hall',
      'landing-1',
      'landing-2',
      'bedroom-1',
      'bedroom-2',
      'bedroom-3',
      'bedroom-4',
      'bedroom-5',
    ],
    taps: 2,
  });
  const named = (kind: string): string[] =>
    house.assets.filter((asset) => asset.kind === kind).map(({ name }) => name);

  test('two furnaces each with its filter, three condensate lines, eight alarms called by where they hang', () => {
    expect(named('furnace')).toEqual(['furnace 1', 'furnace 2']);
    const filters = house.assets.filter(({ kind }) => kind === 'filter-position');
    expect(filters.map(({ partOf }) => partOf)).toEqual(['plant-1', 'plant-2']);
    expect(named('condensate-drain')).toHaveLength(3);
    expect(named('smoke-alarm')).toEqual(expect.arrayContaining(['hall', 'landing-2', 'bedroom-5']));
    expect(named('smoke-alarm')).toHaveLength(8);
  });

  test('each has duties of its own, and what is like is one practice', () => {
    const plan = planFor({ ...PLACE, assets: house.assets, traits: house.traits }, PRACTICES);
    const units = plan.duties.filter(({ practice }) => practice.code === 'smoke-alarm-test');
    expect(new Set(units.map(({ asset }) => asset.id)).size).toBe(8);
    expect(plan.duties.filter(({ practice }) => practice.code === 'heating-service-visit')).toHaveLength(2);
  });

  test('an alarm in a room that is no longer there is let go', () => {
    const smaller = walked({ storeys: 1, bedrooms: 1, 'smoke-rooms': ['hall', 'landing-1', 'bedroom-4'] });
    expect(smaller.assets.filter(({ kind }) => kind === 'smoke-alarm').map(({ id }) => id)).toEqual([
      'smoke-hall',
    ]);
  });
});

/** Answers as anybody may give them: to any question one of its options, or none. */
const anyAnswers = fc
  .record({
    kind: fc.constantFrom(...HOUSE_KINDS),
    picks: fc.array(fc.nat(), { minLength: 90, maxLength: 90 }),
  })
  .map(({ kind, picks }) => {
    let at = 0;
    const pick = (of: number): number => (picks[(at += 1) % picks.length] ?? 0) % of;
    let answers: Answers = {};
    for (const stop of STOPS)
      for (const question of stop.questions) {
        const given = new Given({ ...likelyAnswers(kind, null, answers), ...answers });
        const options = optionsOf(question, given);
        const value = {
          choice: () => [...options, null][pick(options.length + 1)] ?? null,
          several: () => options.filter(() => pick(3) === 0),
          yesNo: () => [true, false, null][pick(3)] ?? null,
          count: () => (question.kind === 'count' ? question.min + pick(question.max - question.min + 1) : 0),
          made: () => ['2019', '2021-04', null][pick(3)] ?? null,
          country: () => ['US', 'NZ', null][pick(3)] ?? null,
          text: () => ['16 × 25 × 1', null][pick(2)] ?? null,
          lastDone: () => ['2025-autumn', '2019', 'never', null][pick(4)] ?? null,
        }[question.kind]();
        answers = { ...answers, [question.code]: value };
      }
    return answers;
  });

describe('whatever is answered', () => {
  test('gives a sound house: ids once, parts of what is there, rooms that are there, facts and traits that can be told', () => {
    fc.assert(
      fc.property(anyAnswers, (answers) => {
        const { spaces, assets, traits } = walkedHouse(answers, NAMING);
        const ids = new Set(assets.map(({ id }) => id));
        const rooms = new Set(spaces.map(({ id }) => id));
        expect(ids.size).toBe(assets.length);
        for (const space of spaces) spaceSchema.parse(space);
        for (const asset of assets) {
          assetSchema.parse(asset);
          expect(asset.partOf === undefined || ids.has(asset.partOf)).toBe(true);
          expect(
            asset.space === undefined || rooms.has(asset.space),
            `${asset.id} in ${asset.space ?? ''}`,
          ).toBe(true);
          for (const [code, value] of Object.entries(asset.facts ?? {})) {
            const spec = specOf(asset.kind, code);
            expect(spec && fitsSpec(spec, value), `${asset.id}: ${code} ${String(value)}`).toBe(true);
          }
        }
        for (const [trait, value] of traits) expect(traitFits(trait, value), trait).toBe(true);
      }),
      { numRuns: 300, seed: 4_711 },
    );
  });

  test('has a plan that can be adopted: every duty on a thing of it, every id its own', () => {
    fc.assert(
      fc.property(anyAnswers, (answers) => {
        const house = walkedHouse(answers, NAMING);
        const plan = planFor({ ...PLACE, assets: house.assets, traits: house.traits }, PRACTICES);
        let made = 0;
        const adoption = adoptionOf(house, plan, () => `id-${(made += 1)}`);
        const things = new Set(adoption.assets.map(({ id }) => id));
        expect(adoption.duties.every(({ duty }) => things.has(duty.asset))).toBe(true);
        const ids = [
          ...things,
          ...adoption.spaces.map(({ id }) => id),
          ...adoption.duties.flatMap(({ duty, entry }) => [duty.id, entry]),
        ];
        expect(new Set(ids).size).toBe(ids.length);
      }),
      { numRuns: 60, seed: 4_712 },
    );
  });
});

describe('the walk as it is kept', () => {
  test.each(HOUSE_KINDS)('%s: likely answers stand for every question, and are among its options', (kind) => {
    const likely = likelyAnswers(kind, null);
    const given = new Given(likely);
    for (const question of STOPS.flatMap(({ questions }) => questions)) {
      const value = likely[question.code];
      expect(value, question.code).toBeDefined();
      const options = optionsOf(question, given);
      if (question.kind === 'choice' && value !== null) expect(options, question.code).toContain(value);
      if (question.kind === 'several')
        expect(options).toEqual(expect.arrayContaining([...(value as string[])]));
    }
  });

  test('a stop confirmed keeps what it showed, likely or not, and nothing of what it did not ask', () => {
    const begun = { ...NEW_WALK, kind: 'apartment' as const, answers: { cool: 'none' } };
    const state = confirmStop(begun, 'cooling', PLACE);
    expect(state.answers).toEqual({ cool: 'none' });
    expect(walkStateSchema.parse(state)).toEqual(state);
    expect(confirmStop(state, 'nowhere', PLACE)).toBe(state);
  });

  test('begun before more was asked it stays open, goes on where something is new, and gives the same things', () => {
    const before: WalkState = {
      version: 1,
      kind: 'family',
      answers: { 'heat-count': 2, taps: 2, tap: 'ordinary', openings: ['door', 'garage-door'], positions: 1 },
      confirmed: STOPS.map(({ code }) => code).filter((code) => code !== 'last-done'),
    };
    expect(walkStateSchema.parse(before)).toEqual(before);
    expect(nextStop(before)).toBe('last-done');
    const { assets } = walkedHouse(answersOf(before, PLACE), NAMING);
    const ids = assets.map(({ id }) => id);
    expect(ids).toEqual(
      expect.arrayContaining([
        'plant-1',
        'plant-2',
        'tap-1',
        'tap-2',
        'garage-door',
        'shower',
        'water-heater',
      ]),
    );
    expect(assets.filter(({ kind }) => kind === 'filter-position')).toHaveLength(1);
  });

  test('two positions are two filters, however many furnaces there are', () => {
    const { assets } = walked({ heat: 'gas-furnace', 'heat-count': 2, positions: 2 });
    expect(assets.filter(({ kind }) => kind === 'filter-position').map(({ partOf }) => partOf)).toEqual([
      'plant-1',
      'plant-2',
    ]);
  });

  test('taps of both kinds are told apart, the frost-proof ones last', () => {
    const { assets } = walked({ taps: 3, tap: 'mixed', 'taps-frost-proof': 2 });
    const taps = assets.filter(({ kind }) => kind === 'outside-tap').map(({ facts }) => facts?.['tap']);
    expect(taps).toEqual(['ordinary', 'frost-proof', 'frost-proof']);
  });

  test('is the same walk in whatever order it was answered, and another with another answer', () => {
    const walk = { ...NEW_WALK, kind: 'cabin' as const, answers: { people: 2, cool: 'none' } };
    expect(sameWalk(walk, { ...walk, answers: { cool: 'none', people: 2 } })).toBe(true);
    expect(sameWalk(walk, { ...walk, answers: { cool: 'none', people: 3 } })).toBe(false);
    expect(sameWalk(walk, { ...walk, confirmed: ['household'] })).toBe(false);
  });

  test('goes on at the first stop not gone through, whatever the order', () => {
    const state = confirmStop({ ...NEW_WALK, kind: 'cabin' }, 'building', PLACE);
    expect(nextStop(state)).toBe('household');
    const all = STOPS.reduce((from, { code }) => confirmStop(from, code, PLACE), state);
    expect(nextStop(all)).toBeNull();
    const asked = STOPS.flatMap((stop) => questionsAt(stop, new Given(answersOf(all, PLACE))));
    expect(Object.keys(all.answers).sort()).toEqual(
      expect.arrayContaining(asked.map(({ code }) => code).sort()),
    );
  });
});

describe('the first six weeks', () => {
  const item = (practice: string, minutes: number, more: Partial<BaselineItem> = {}): BaselineItem => ({
    dutyId: practice,
    practice,
    bound: [],
    system: 'openings',
    consequence: 'money',
    lifeSafety: false,
    frost: false,
    firstWeek: 1,
    lastWeek: BASELINE_WEEKS,
    minutes,
    ...more,
  });

  test('like work, and what shares its dates, stays together', () => {
    const weeks = spreadBaseline([
      item('a', 30),
      item('b', 30, { bound: ['a'] }),
      item('c', 300),
      { ...item('c', 300), dutyId: 'c2' },
    ]);
    expect(weeks.get('a')).toBe(weeks.get('b'));
    expect(weeks.get('c')).toBe(weeks.get('c2'));
  });

  const anItem = fc.record({
    minutes: fc.integer({ min: 1, max: 200 }),
    consequence: fc.constantFrom('life-safety' as const, 'money' as const),
    frost: fc.boolean(),
    firstWeek: fc.integer({ min: 1, max: BASELINE_WEEKS }),
    system: fc.constantFrom('alarms' as const, 'water' as const, 'garden' as const),
  });
  const given = (check: (items: BaselineItem[], weeks: ReadonlyMap<string, number>) => void): void => {
    fc.assert(
      fc.property(fc.array(anItem, { minLength: 1, maxLength: 40 }), (some) => {
        const items = some.map((one, index) => item(`p${index}`, one.minutes, one));
        check(items, spreadBaseline(items));
      }),
      { numRuns: 200, seed: 4_713 },
    );
  };

  test('however much it is: all within six weeks, no more lines a week than one can face while another has room', () => {
    given((items, weeks) => {
      const lines = [1, 2, 3, 4, 5, 6].map(
        (week) => items.filter(({ dutyId }) => weeks.get(dutyId) === week).length,
      );
      expect(lines.reduce((sum, one) => sum + one, 0)).toBe(items.length);
      if (items.length <= LINES_A_WEEK * BASELINE_WEEKS)
        expect(Math.max(...lines)).toBeLessThanOrEqual(LINES_A_WEEK);
    });
  });

  test('a trade is not there before it can come, while later weeks have room', () => {
    given((items, weeks) => {
      if (items.length > LINES_A_WEEK) return;
      for (const { dutyId, firstWeek } of items) expect(weeks.get(dutyId)).toBeGreaterThanOrEqual(firstWeek);
    });
  });

  test('frost and lives come before what can wait', () => {
    given((items, weeks) => {
      const weekOf = ({ dutyId }: BaselineItem): number => weeks.get(dutyId) ?? 0;
      const isUrgent = ({ frost, consequence }: BaselineItem): boolean =>
        frost || consequence === 'life-safety';
      const urgent = items.filter(isUrgent);
      for (const one of urgent.filter(({ firstWeek }) => firstWeek === 1))
        expect(weekOf(one)).toBeLessThanOrEqual(Math.ceil(urgent.length / LINES_A_WEEK));
    });
  });
});
