import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { brokenRules, costOf } from './costOf.ts';
import { wholeCost } from './costs.ts';
import { problemSchema, type Problem } from './problem.ts';
import { readyProblem } from './ready.ts';
import { solve } from './solve.ts';

const AT_ONCE = { moves: 0, seed: 1 };
const EFFORT = { moves: 4_000, seed: 1 };

/** Four weeks of an hour, gutters before they overflow, caulk after the downspouts. */
const EXAMPLE = problemSchema.parse({
  weeks: 4,
  budget: [60, 60, 60, 60],
  setups: [{ id: 'ladder', minutes: 20 }],
  visits: [],
  tasks: [
    { id: 'gutters', weeks: [0, 3], latest: 1, due: 1, minutes: 60, late: 120, setups: ['ladder'] },
    { id: 'downspouts', weeks: [0, 3], latest: 2, due: 1, minutes: 15, late: 60, setups: ['ladder'] },
    { id: 'filter', weeks: [0, 3], latest: 1, due: 0, minutes: 10, late: 60, setups: [] },
    { id: 'caulk', weeks: [0, 2], latest: 2, due: 2, minutes: 30, late: 30, setups: [] },
  ],
  before: [['downspouts', 'caulk']],
  blocked: [],
});

/** The least cost over every plan that keeps the rules. */
function leastOfAll(problem: Problem): number {
  const ready = readyProblem(problem);
  const plan = ready.tasks.map(() => -1);
  const walk = (task: number): number => {
    if (task === ready.tasks.length)
      return brokenRules(ready, plan).length > 0 ? Infinity : wholeCost(costOf(ready, plan));
    if (ready.unplaced.has(task)) return walk(task + 1);
    let least = Infinity;
    for (const week of ready.allowed[task] ?? []) {
      plan[task] = week;
      least = Math.min(least, walk(task + 1));
    }
    plan[task] = -1;
    return least;
  };
  return walk(0);
}

const weeksOf = (problem: Problem, plan: Readonly<Record<string, number>>): number[] =>
  problem.tasks.map(({ id }) => plan[id] ?? -1);

/** A problem of a few weeks with everything in it: set-ups, visits, orders, closed weeks, a plan seen before. */
const problems = fc
  .record({ weeks: fc.integer({ min: 2, max: 8 }), count: fc.integer({ min: 1, max: 9 }) })
  .chain(({ weeks, count }) => {
    const week = fc.integer({ min: 0, max: weeks - 1 });
    const span = fc.tuple(week, week).map(([a, b]): [number, number] => [Math.min(a, b), Math.max(a, b)]);
    const task = fc.record({
      weeks: span,
      latest: fc.integer({ min: -2, max: weeks + 2 }),
      due: fc.integer({ min: -2, max: weeks + 2 }),
      minutes: fc.integer({ min: 0, max: 120 }),
      late: fc.constantFrom(600, 120, 60, 30, 10),
      setups: fc.subarray(['ladder', 'water-off']),
      visit: fc.option(fc.constant('heating'), { nil: undefined }),
      supplied: fc.option(week, { nil: undefined }),
      seen: fc.option(week, { nil: undefined }),
    });
    const index = fc.integer({ min: 0, max: count - 1 });
    return fc.record({
      weeks: fc.constant(weeks),
      budget: fc.array(fc.integer({ min: 0, max: 200 }), { minLength: weeks, maxLength: weeks }),
      setups: fc.constant([
        { id: 'ladder', minutes: 20 },
        { id: 'water-off', minutes: 15 },
      ]),
      visits: fc.constant([{ id: 'heating', cost: 120 }]),
      tasks: fc
        .array(task, { minLength: count, maxLength: count })
        .map((all) => all.map((one, place) => ({ id: `t${place}`, ...one }))),
      before: fc.array(fc.tuple(index, index, fc.integer({ min: 0, max: 2 })), { maxLength: 4 }),
      blocked: fc.array(fc.record({ weeks: span, task: fc.option(index, { nil: undefined }) }), {
        maxLength: 3,
      }),
    });
  })
  .map((drawn) =>
    problemSchema.parse({
      ...drawn,
      before: drawn.before.filter(([a, b]) => a < b).map(([a, b, gap]) => [`t${a}`, `t${b}`, gap]),
      blocked: drawn.blocked.map(({ weeks, task }) =>
        task === undefined ? { weeks } : { weeks, task: `t${task}` },
      ),
    }),
  );

describe('a year as a planning problem', () => {
  test('the example is solved to the least of its 192 plans, at once and after more effort', () => {
    const least = leastOfAll(EXAMPLE);
    expect(wholeCost(solve(EXAMPLE, EFFORT).cost)).toBeCloseTo(least, 9);
    expect(wholeCost(solve(EXAMPLE, AT_ONCE).cost)).toBeCloseTo(least, 9);
  });

  test('no rule is broken, and the parts are those of the plan', () => {
    fc.assert(
      fc.property(problems, (problem) => {
        const { plan, cost, unplaced } = solve(problem, { moves: 300, seed: 3 });
        const ready = readyProblem(problem);
        const weeks = weeksOf(problem, plan);
        expect(brokenRules(ready, weeks)).toEqual([]);
        expect(costOf(ready, weeks)).toEqual(cost);
        expect(unplaced.map(({ id }) => id).sort()).toEqual(
          problem.tasks.flatMap(({ id }) => (id in plan ? [] : [id])).sort(),
        );
      }),
    );
  });

  test('the same problem, moves and seed give the same plan', () => {
    fc.assert(
      fc.property(problems, fc.integer({ min: 0, max: 1_000 }), (problem, seed) => {
        const effort = { moves: 200, seed };
        expect(solve(problem, effort)).toEqual(solve(structuredClone(problem), effort));
      }),
      { numRuns: 40 },
    );
  });

  test('no single task could be moved to save anything', () => {
    fc.assert(
      fc.property(problems, (problem) => {
        const { plan, cost } = solve(problem, { moves: 300, seed: 5 });
        const ready = readyProblem(problem);
        const weeks = weeksOf(problem, plan);
        for (const [task, allowed] of ready.allowed.entries())
          for (const week of (weeks[task] ?? -1) < 0 ? [] : allowed) {
            const other = weeks.with(task, week);
            if (brokenRules(ready, other).length > 0) continue;
            expect(wholeCost(costOf(ready, other))).toBeGreaterThan(wholeCost(cost) - 1e-6);
          }
      }),
    );
  });

  test('small problems are solved to their least', () => {
    fc.assert(
      fc.property(
        problems.filter(({ tasks, weeks }) => weeks ** tasks.length < 3_000),
        (problem) => {
          expect(wholeCost(solve(problem, EFFORT).cost)).toBeCloseTo(leastOfAll(problem), 6);
        },
      ),
      { numRuns: 60, seed: 20_261_129 },
    );
  });

  test('it can be stopped, and what it had found is the plan', () => {
    const asked: number[] = [];
    const { moves } = solve(EXAMPLE, {
      moves: 1_000_000,
      seed: 1,
      goesOn: (done) => {
        asked.push(done);
        return done < 5_000;
      },
    });
    expect(moves).toBe(6_000);
    expect(asked).toEqual([2_000, 4_000, 6_000]);
  });
});

describe('tasks no week is left to', () => {
  const task = { latest: 1, due: 1, minutes: 10, late: 30, setups: [] };
  const base = { weeks: 4, budget: [60, 60, 60, 60], setups: [], visits: [] };

  test('are named with the rule: all their weeks are closed', () => {
    const problem = problemSchema.parse({
      ...base,
      tasks: [
        { ...task, id: 'a', weeks: [1, 2] },
        { ...task, id: 'b', weeks: [0, 3] },
      ],
      before: [['a', 'b']],
      blocked: [{ weeks: [1, 2], task: 'a' }],
    });
    const { plan, unplaced } = solve(problem, AT_ONCE);
    expect(unplaced).toEqual([{ id: 'a', rule: 'blocked' }]);
    expect(plan).toEqual({ b: 1 });
  });

  test('or they would be too early or too late for one they are ordered with', () => {
    const problem = problemSchema.parse({
      ...base,
      tasks: [
        { ...task, id: 'late', weeks: [3, 3] },
        { ...task, id: 'early', weeks: [0, 1] },
      ],
      before: [['late', 'early']],
      blocked: [],
    });
    expect(solve(problem, AT_ONCE).unplaced).toEqual([{ id: 'early', rule: 'order', with: 'late' }]);
  });
});

describe('a problem that is written down', () => {
  const wrong = (change: Record<string, unknown>): string[] =>
    (problemSchema.safeParse({ ...EXAMPLE, ...change }).error?.issues ?? []).map(
      ({ path, message }) => `${path.join('.')}: ${message}`,
    );

  test('says where it is wrong and what would be right', () => {
    expect(wrong({ budget: [60] })).toEqual(['budget: must have one number for each week']);
    expect(wrong({ before: [['gutters', 'roof']] })).toEqual(['before.0.1: must name one that the file has']);
    expect(
      wrong({
        before: [
          ['caulk', 'downspouts'],
          ['downspouts', 'caulk'],
        ],
      }),
    ).toEqual(['before.1: must not lead back in a circle']);
    expect(wrong({ weeks: 3, budget: [1, 2, 3], tasks: EXAMPLE.tasks.slice(0, 1), before: [] })).toEqual([
      'tasks.0.weeks.1: must be below the number of weeks',
    ]);
    expect(wrong({ costs: { setUp: -1 } })).toHaveLength(1);
  });
});
