import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { civil, type CivilDate } from '../../calendar/civilDate.ts';
import { consequenceSchema } from '../../practice/planning.ts';
import { setUpSchema } from '../../practice/lists.ts';
import type { PlannedTask } from './arrange.ts';
import { fiveThatMatter } from './five.ts';
import type { HomeTask } from './homeTask.ts';
import { monthTotals, ownOrHired } from './monthTotals.ts';
import { thisSeason } from './thisSeason.ts';
import { someTask } from '../../../../test/support/homeTask.ts';
import { bestUse, type SlotContext } from './timeSlot.ts';
import { tripsOf } from './trips.ts';

const ON = civil('2026-11-27');
const day = (date: string): CivilDate => civil(date);
const task = someTask;
const planned = (one: HomeTask, date: CivilDate, week = 0): PlannedTask => ({
  task: one,
  week,
  day: date,
  cost: { late: 0, due: 0, supplies: 0, moved: 0 },
});

const now: SlotContext = {
  minutes: 60,
  on: ON,
  indoors: false,
  helper: true,
  quiet: true,
  out: [],
  open: { allows: () => true },
};
const names = (tasks: readonly HomeTask[]): string[] => tasks.map(({ duty }) => duty);

describe('some time to spare', () => {
  test('goes to what is worth most and fits, a set-up counted once', () => {
    const ladder = { setUps: ['ladder' as const], minutes: 15, consequence: 'water-and-frost' as const };
    const some = [
      task('gutters', ladder),
      task('lamp', ladder),
      task('filter', { consequence: 'comfort', minutes: 55 }),
    ];
    const { tasks, setUps, minutes } = bestUse(some, now);
    expect(names(tasks).sort()).toEqual(['gutters', 'lamp']);
    expect([setUps, minutes]).toEqual([['ladder'], 50]);
    expect(bestUse(some, { ...now, minutes: 30, out: ['ladder'] }).minutes).toBe(30);
  });

  test('asks for nothing that cannot be done now: not yet open, a trade’s, outdoors in the rain, for two alone', () => {
    const some = [
      task('later', { earliest: day('2026-12-01') }),
      task('next', { number: 2 }),
      task('hired', { doer: 'trade' }),
      task('out', { outdoors: true }),
      task('heavy', { two: true }),
      task('left', { leftToOthers: true }),
      task('dry', { weather: ['dry'] }),
      task('noise', { loud: true }),
      task('fine'),
    ];
    const open = { allows: (_: number, limits: readonly string[]) => limits.length === 0 };
    expect(names(bestUse(some, { ...now, indoors: true, helper: false, open, minutes: 120 }).tasks)).toEqual([
      'fine',
    ]);
  });

  test('puts safety first and each task after those it comes after', () => {
    const some = [
      task('drain', { after: ['hose'], minutes: 5 }),
      task('hose', { minutes: 5 }),
      task('alarm', { consequence: 'life-safety', minutes: 5, setUps: ['ladder'] }),
    ];
    expect(names(bestUse(some, now).tasks)).toEqual(['alarm', 'hose', 'drain']);
  });

  test('never takes longer than there is, and no other choice of a few tasks is worth more', () => {
    const someTask = fc.record({
      minutes: fc.integer({ min: 5, max: 40 }),
      consequence: fc.constantFrom(...consequenceSchema.options),
      setUps: fc.subarray([...setUpSchema.options].slice(0, 3), { maxLength: 2 }),
    });
    fc.assert(
      fc.property(fc.array(someTask, { maxLength: 7 }), fc.constantFrom(30, 60, 120), (some, minutes) => {
        const tasks = some.map((one, index) => task(`t${index}`, one));
        const slot = bestUse(tasks, { ...now, minutes });
        expect(slot.minutes).toBeLessThanOrEqual(minutes);
        const worth = (chosen: readonly HomeTask[]): number =>
          chosen.reduce((sum, { consequence }) => sum + COST[consequence], 0);
        for (let choice = 0; choice < 2 ** tasks.length; choice += 1) {
          const chosen = tasks.filter((_, at) => (choice >> at) & 1);
          const setUps = new Set(chosen.flatMap((one) => one.setUps));
          const takes = chosen.reduce((sum, one) => sum + one.minutes, 0);
          const all = [...setUps].reduce((sum, setUp) => sum + (MINUTES[setUp] ?? 0), takes);
          if (all <= minutes) expect(worth(chosen)).toBeLessThanOrEqual(worth(slot.tasks) + 1e-6);
        }
      }),
      { numRuns: 100, seed: 20_261_128 },
    );
  });
});

const COST = { 'life-safety': 600, 'water-and-frost': 120, 'costly-wear': 60, money: 30, comfort: 10 };
const MINUTES: Record<string, number> = { ladder: 20, 'power-off': 10, 'water-off': 15 };

describe('five that matter', () => {
  test('are those of the greatest consequence × growth × lateness ÷ work, like tasks once', () => {
    const some = [
      task('alarm', { consequence: 'life-safety', minutes: 10 }),
      task('alarm', {
        key: 'other 1',
        duty: 'other',
        practice: 'alarm',
        consequence: 'life-safety',
        minutes: 10,
      }),
      task('long', { consequence: 'life-safety', minutes: 100 }),
      task('late', { due: day('2025-11-27') }),
      task('monthly'),
      task('monthly', { number: 2, due: day('2026-12-27') }),
      task('far', { earliest: day('2027-03-01') }),
      task('yearly', { outdoors: true }),
      task('comfort', { consequence: 'comfort' }),
    ];
    const five = fiveThatMatter(some, ON);
    expect(names(five.map((one) => one.task))).toEqual(['alarm', 'monthly', 'long', 'late', 'yearly']);
    for (const { consequence, growth, lateness, work, weight } of five)
      expect(weight).toBeCloseTo((consequence * growth * lateness) / work);
  });

  test('hold one indoors for a wet day and one with an outside date, where there are such', () => {
    const out = ['a', 'b', 'c', 'd', 'e', 'f'].map((duty) =>
      task(duty, { outdoors: true, consequence: 'life-safety' }),
    );
    const dated = task('dated', { outdoors: true, consequence: 'comfort', worthUntil: day('2026-12-20') });
    const five = fiveThatMatter([...out, task('dry', { consequence: 'comfort' }), dated], ON);
    expect(five).toHaveLength(5);
    expect(names(five.map((one) => one.task))).toEqual(expect.arrayContaining(['dry', 'dated']));
  });
});

describe('this season', () => {
  const around = { past: [], on: ON, freeze: null };

  test('says what cannot wait, what is still worth doing and until when, and what is too late until its next time', () => {
    const leaves = task('leaves', { worthUntil: day('2026-12-05') });
    const caulk = task('caulk', { worthUntil: day('2027-03-01') });
    const screens = task('screens', { worthUntil: day('2027-09-01'), earliest: day('2027-04-01') });
    const past = [{ duty: 'screens', day: day('2026-11-01'), was: 'missed' as const }];
    const lines = thisSeason([leaves, caulk, screens, task('any')], [planned(caulk, day('2026-12-12'))], {
      ...around,
      past,
    });
    expect(lines).toEqual([
      { kind: 'cannot-wait', task: leaves, until: '2026-12-05' },
      { kind: 'worth', task: caulk, until: '2027-03-01', planned: '2026-12-12' },
      { kind: 'too-late', task: screens, again: '2027-04-01' },
    ]);
  });

  test('work that shuts something off ends the day before the freeze', () => {
    const hose = task('hose', { closes: true });
    expect(thisSeason([hose], [], { ...around, freeze: day('2026-12-03') })).toEqual([
      { kind: 'cannot-wait', task: hose, until: '2026-12-02' },
    ]);
  });
});

describe('a week as trips', () => {
  test('one for each visit, each set-up and each place; a set-up’s minutes once', () => {
    const some = [
      task('service', { doer: 'trade', system: 'heating' }),
      task('lamp', { setUps: ['ladder'] }),
      task('alarm', { setUps: ['ladder'] }),
      task('gutters', { setUps: ['ladder'], outdoors: true }),
      task('filter'),
    ].map((one) => planned(one, ON));
    const trips = tripsOf(some);
    expect(trips.map(({ tasks, minutes }) => [tasks.length, minutes])).toEqual([
      [1, 20],
      [2, 60],
      [1, 20],
      [1, 20],
    ]);
    expect(trips[0]?.visit).toBe('heating');
  });

  test('a trip stands after those of its day that hold what comes first', () => {
    const some = [task('filter'), task('split', { setUps: ['power-off'], after: ['filter'] })];
    const trips = tripsOf(some.map((one) => planned(one, ON)));
    expect(trips.map(({ tasks }) => tasks.map(({ task }) => task.duty))).toEqual([['filter'], ['split']]);
  });
});

test('own work is held against hired where the household could do it and knows the price', () => {
  const hired = task('gutters', { doer: 'trade', minutes: 20, ownMinutes: 90 });
  const trades = task('chimney', { doer: 'trade' });
  expect(
    ownOrHired(
      [planned(hired, ON), planned({ ...hired, number: 2 }, ON), planned(trades, ON), planned(task('a'), ON)],
      { gutters: 16_000, chimney: 20_000, a: 500 },
    ),
  ).toEqual({ tasks: 2, hired: 32_000, minutes: 180 });
  expect(ownOrHired([planned(hired, ON)], {}).tasks).toBe(0);
});

test('months sum up hours by who does the work, visits by week, and what tasks cost so far', () => {
  const hired = task('service', { doer: 'trade', system: 'heating', minutes: 30 });
  const [first, second] = monthTotals(
    [
      planned(task('filter'), ON),
      planned(hired, day('2026-12-10'), 2),
      planned(task('split', { doer: 'trade', system: 'heating' }), day('2026-12-10'), 2),
    ],
    { filter: 1240 },
    { filter: 'rowan' },
  );
  expect(first).toEqual({
    month: '2026-11',
    minutes: { self: 20, helper: 0, trade: 0 },
    people: new Map([['rowan', 20]]),
    visits: 0,
    cost: 1240,
    unknown: 0,
  });
  expect(second).toMatchObject({ month: '2026-12', minutes: { trade: 50 }, visits: 1, cost: 0, unknown: 2 });
});
