import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { randomProblem } from '../../../bench/planning/randomProblem.ts';
import { brokenRules, costOf } from './costOf.ts';
import { wholeCost } from './costs.ts';
import { problemSchema } from './problem.ts';
import { readyProblem } from './ready.ts';
import { solve } from './solve.ts';
import { tryMove } from './tryMove.ts';

const task = (id: string, more: object = {}) => ({
  id,
  weeks: [0, 3],
  latest: 2,
  due: 1,
  minutes: 30,
  late: 60,
  setups: [],
  ...more,
});

describe('a change tried', () => {
  const ready = readyProblem(
    problemSchema.parse({
      weeks: 4,
      budget: [60, 60, 60, 40],
      setups: [{ id: 'ladder', minutes: 20 }],
      visits: [{ id: 'plumber', cost: 120 }],
      tasks: [
        task('gutters', { setups: ['ladder'] }),
        task('lamps', { setups: ['ladder'] }),
        task('heater', { visit: 'plumber' }),
        task('valve', { visit: 'plumber' }),
      ],
      before: [['lamps', 'gutters', 0]],
      blocked: [{ weeks: [2, 2], task: 'lamps' }],
    }),
  );
  const plan = [1, 1, 0, 0];
  const tried = (of: number, week: number) => tryMove(ready, plan, new Map([[of, week]]));

  test('says how late it is, which set-up and visit comes once more, and how full the week gets', () => {
    expect(tried(0, 3)).toMatchObject({
      weeksLate: 1,
      setUps: ['ladder'],
      visits: [],
      over: 10,
      forbidden: null,
    });
    expect(tried(3, 1)).toMatchObject({ weeksLate: 0, setUps: [], visits: ['plumber'], over: 50 });
    const both = tryMove(
      ready,
      plan,
      new Map([
        [0, 3],
        [1, 3],
      ]),
    );
    expect(both).toMatchObject({ setUps: [], more: { setups: 0 } });
  });

  test('says which rule forbids it: a closed week, or the task it is ordered with', () => {
    expect(tried(1, 2).forbidden).toEqual({ task: 'lamps', with: null });
    expect(tried(0, 0).forbidden).toEqual({ task: 'gutters', with: 'lamps' });
    expect(tried(1, 3).forbidden).toEqual({ task: 'lamps', with: 'gutters' });
  });

  test('weighs what the whole plan would cost, and forbids what would break a rule', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 30 }), fc.nat(), fc.nat({ max: 52 }), (seed, pick, week) => {
        const problem = randomProblem(30, seed);
        const one = readyProblem(problem);
        const solved = solve(problem, { moves: 0, seed: 1 });
        const now = problem.tasks.map(({ id }) => solved.plan[id] ?? -1);
        const moved = pick % now.length;
        if ((now[moved] ?? -1) < 0) return;
        const then = now.map((at, index) => (index === moved ? week : at));
        const { more, forbidden } = tryMove(one, now, new Map([[moved, week]]));
        expect(forbidden === null).toBe(brokenRules(one, then).length === 0);
        expect(wholeCost(more)).toBeCloseTo(wholeCost(costOf(one, then)) - wholeCost(costOf(one, now)), 6);
      }),
      { numRuns: 80, seed: 20_261_128 },
    );
  });
});
