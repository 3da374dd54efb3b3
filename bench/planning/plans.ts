import { wholeCost } from '../../src/core/planning/costs.ts';
import type { Problem } from '../../src/core/planning/problem.ts';
import { solve, USUAL_MOVES } from '../../src/core/planning/solve.ts';
import { leastMs, median, ms, times, type Ratio } from '../ratio.ts';
import { randomProblem } from './randomProblem.ts';

const SIZES = [40, 80, 160];
const SEEDS = Array.from({ length: 20 }, (_, index) => index + 1);
const RUNS = 5;
/** Effort of the plan the others are held against. */
const LONG = 10_000_000;

const costAfter = (problem: Problem, moves: number, seed: number): number =>
  wholeCost(solve(problem, { moves, seed }).cost);

/** Plans of random years, at once and after the usual effort, against the best of a long run. */
export function benchPlans(): Ratio[] {
  return SIZES.flatMap((size) => {
    const plans = SEEDS.map((seed) => {
      const problem = randomProblem(size, seed);
      const atOnce = costAfter(problem, 0, 1);
      const usual = costAfter(problem, USUAL_MOVES, 1);
      const best = Math.min(atOnce, usual, costAfter(problem, LONG, 2));
      return {
        atOnce: atOnce / best - 1,
        usual: usual / best - 1,
        ms: leastMs(() => void solve(problem, { moves: 0, seed: 1 }), RUNS),
      };
    });
    const told = (gaps: readonly number[]): string =>
      `median ${percent(median(gaps))}, worst ${percent(Math.max(...gaps))}`;
    const slowest = Math.max(...plans.map((plan) => plan.ms));
    return [
      {
        what: `a year of ${size} tasks planned at once (cost above the best known)`,
        ours: told(plans.map(({ atOnce }) => atOnce)),
        peer: `${LONG} changes`,
        ratio: `${ms(slowest)} at most`,
        aim: '50 ms',
      },
      {
        what: `the same after the usual effort of ${USUAL_MOVES} changes`,
        ours: told(plans.map(({ usual }) => usual)),
        peer: `${LONG} changes`,
        ratio: times(1 + median(plans.map(({ usual }) => usual))),
        aim: 'told',
      },
    ];
  });
}

const percent = (share: number): string => `${(share * 100).toFixed(1)} %`;
