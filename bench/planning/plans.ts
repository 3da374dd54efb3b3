import { execFileSync } from 'node:child_process';
import { wholeCost } from '../../src/core/planning/costs.ts';
import type { Problem } from '../../src/core/planning/problem.ts';
import { readyProblem } from '../../src/core/planning/ready.ts';
import { solve, USUAL_MOVES } from '../../src/core/planning/solve.ts';
import { tryMove } from '../../src/core/planning/tryMove.ts';
import { leastMs, median, ms, times, type Ratio } from '../ratio.ts';
import { randomProblem } from './randomProblem.ts';
import { readReference, SIZES } from './reference.ts';

const RUNS = 5;

const costAfter = (problem: Problem, moves: number): number =>
  wholeCost(solve(problem, { moves, seed: 1 }).cost);

/** Plans of random years, at once and after the usual effort, against the best known; and against an exact solver's own minute. */
export function benchPlans(): Ratio[] {
  const { results, secondsEach } = readReference();
  const plans = SIZES.flatMap((size) => {
    const plans = results
      .filter((one) => one.size === size)
      .map(({ seed, cost, known }) => {
        const problem = randomProblem(size, seed);
        return {
          atOnce: costAfter(problem, 0) / known - 1,
          usual: costAfter(problem, USUAL_MOVES) / known - 1,
          solver: cost / known - 1,
          ms: leastMs(() => void solve(problem, { moves: 0, seed: 1 }), RUNS),
        };
      });
    const solver = told(plans.map((plan) => plan.solver));
    return [
      {
        what: `a year of ${size} tasks planned at once (cost above the least known)`,
        ours: told(plans.map(({ atOnce }) => atOnce)),
        peer: `a solver's ${secondsEach} s: ${solver}`,
        ratio: `${ms(Math.max(...plans.map((plan) => plan.ms)))} at most`,
        aim: '50 ms',
      },
      {
        what: `the same after the usual effort of ${USUAL_MOVES} changes`,
        ours: told(plans.map(({ usual }) => usual)),
        peer: `a solver's ${secondsEach} s: ${solver}`,
        ratio: `${plans.filter(({ usual, solver: its }) => usual <= its + 1e-9).length} of ${plans.length} no dearer`,
        aim: AIMS[size],
      },
    ];
  });
  return [...plans, benchFresh(), benchMove()];
}

/** The first plan of a process that has just begun, where nothing is warm yet. */
function benchFresh(): Ratio {
  const runs = Array.from({ length: RUNS }, (_, seed): [number, number] => {
    const command = ['--import', 'tsx', 'bench/planning/freshPlan.ts', '160', String(seed + 1)];
    return JSON.parse(execFileSync(process.execPath, command, { encoding: 'utf8' })) as [number, number];
  });
  const [first, warm] = [median(runs.map(([ms]) => ms)), median(runs.map(([, ms]) => ms))];
  return {
    what: 'a year of 160 tasks planned at once in a fresh process',
    ours: ms(first),
    peer: `the same when warm: ${ms(warm)}`,
    ratio: times(first / warm),
    aim: '300 ms',
  };
}

/** The effects of moving one task, as they are told while a mark is dragged. */
function benchMove(): Ratio {
  const problem = randomProblem(160, 1);
  const ready = readyProblem(problem);
  const { plan } = solve(problem, { moves: 0, seed: 1 });
  const weeks = ready.tasks.map(({ id }) => plan[id] ?? -1);
  const moves = ready.tasks.flatMap((_, task) =>
    [...(ready.allowed[task] ?? [])].map((week) => new Map([[task, week]])),
  );
  const each =
    leastMs(() => {
      for (const move of moves) tryMove(ready, weeks, move);
    }, RUNS) / moves.length;
  const anew = leastMs(() => void solve(problem, { moves: 0, seed: 1 }), RUNS);
  return {
    what: 'what follows from moving one of 160 tasks',
    ours: `${(each * 1_000).toFixed(0)} µs`,
    peer: `a plan at once: ${ms(anew)}`,
    ratio: `${(anew / each).toFixed(0)} times faster`,
    aim: '16 ms',
  };
}

const AIMS = {
  40: 'median 0.1 %, worst 1 %',
  80: 'median 0.4 %, worst 1.5 %',
  160: 'median 2 %, worst 3.5 %',
};

const told = (gaps: readonly number[]): string => {
  const mean = gaps.reduce((sum, gap) => sum + gap, 0) / gaps.length;
  return `median ${percent(median(gaps))}, mean ${percent(mean)}, worst ${percent(Math.max(...gaps))}`;
};

const percent = (share: number): string => `${(share * 100).toFixed(1)} %`;
