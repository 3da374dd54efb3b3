import { solve } from '../../src/core/planning/solve.ts';
import { randomProblem } from './randomProblem.ts';

// A process of its own: prints the milliseconds of the first plan that it makes, and of a later one.
const [size = '160', seed = '1'] = process.argv.slice(2);
const problem = randomProblem(Number(size), Number(seed));
const times = Array.from({ length: 6 }, () => {
  const start = performance.now();
  solve(problem, { moves: 0, seed: 1 });
  return performance.now() - start;
});
process.stdout.write(JSON.stringify([times[0], Math.min(...times)]));
