import { readFileSync, writeFileSync } from 'node:fs';
import { cpus } from 'node:os';
import loadHighs, { type Highs } from 'highs';
import { z } from 'zod';
import { brokenRules, costOf } from '../../src/core/planning/costOf.ts';
import { wholeCost } from '../../src/core/planning/costs.ts';
import type { Problem } from '../../src/core/planning/problem.ts';
import { readyProblem } from '../../src/core/planning/ready.ts';
import { solve } from '../../src/core/planning/solve.ts';
import { randomProblem } from './randomProblem.ts';
import { solverModel, type SolverModel } from './solverModel.ts';

/** Sizes and seeds of the random years that plans are held against. */
export const SIZES = [40, 80, 160] as const;
export const SEEDS = Array.from({ length: 20 }, (_, index) => index + 1);

/** Seconds the solver is given for each year. */
const SECONDS = 60;
/** Changes of the planner's long run, five times its usual effort. */
const LONG = 12_000_000;
const FILE = 'bench/planning/reference.json';

const resultSchema = z.strictObject({
  size: z.int(),
  seed: z.int(),
  /** Cost of the solver's plan, weighed as the planner weighs it. */
  cost: z.number(),
  /** No plan costs less, as far as the solver has shown. */
  bound: z.number(),
  /** (cost − bound) ÷ cost. */
  gap: z.number(),
  proven: z.boolean(),
  seconds: z.number(),
  /** The least cost known: the solver's, or that of a long run of the planner. */
  known: z.number(),
});
const referenceSchema = z.strictObject({
  solver: z.string(),
  machine: z.string(),
  secondsEach: z.number(),
  results: z.array(resultSchema),
});
export type Reference = z.infer<typeof referenceSchema>;
type Result = z.infer<typeof resultSchema>;

/** The solver's results, as they were computed last. */
export const readReference = (): Reference => referenceSchema.parse(JSON.parse(readFileSync(FILE, 'utf8')));

/** Solves every random year with an exact solver and writes the results: about an hour of one core. */
export async function computeReference(): Promise<void> {
  const highs = await loadHighs();
  const results: Result[] = [];
  for (const size of SIZES)
    for (const seed of SEEDS) {
      const problem = randomProblem(size, seed);
      const result = solveExactly(highs, problem);
      results.push({ size, seed, ...result, known: Math.min(result.cost, longRun(problem)) });
      process.stdout.write(`${size} tasks, seed ${seed}: ${JSON.stringify(result)}\n`);
    }
  const reference: Reference = {
    solver: `HiGHS ${highs.version.string}, WebAssembly, one thread`,
    machine: cpus()[0]?.model ?? 'unknown',
    secondsEach: SECONDS,
    results,
  };
  writeFileSync(FILE, `${JSON.stringify(reference, null, 2)}\n`);
}

const longRun = (problem: Problem): number => wholeCost(solve(problem, { moves: LONG, seed: 2 }).cost);

function solveExactly(highs: Highs, problem: Problem): Omit<Result, 'size' | 'seed' | 'known'> {
  const ready = readyProblem(problem);
  const model = solverModel(ready);
  return highs.withModel(toData(model), (native) => {
    native.options.set({ time_limit: SECONDS, mip_rel_gap: 0, mip_abs_gap: 0 });
    native.run();
    const { colValue } = native.getSolution();
    const plan = ready.tasks.map((_, task) =>
      [...Array(ready.weeks).keys()].findIndex((week) => (colValue[model.columnOf(task, week)] ?? 0) > 0.5),
    );
    const broken = brokenRules(ready, plan);
    if (broken.length > 0) throw new Error(`the solver's plan breaks a rule: ${broken.join('; ')}`);
    const cost = wholeCost(costOf(ready, plan));
    const bound = Math.min(cost, Number(native.info.get('mip_dual_bound')));
    return {
      cost,
      bound,
      gap: (cost - bound) / cost,
      proven: native.getModelStatus() === highs.constants.modelStatus.optimal,
      seconds: Math.round(native.getRunTime() * 10) / 10,
    };
  });
}

function toData({ cost, isWhole, rows }: SolverModel) {
  const starts = [0];
  for (const row of rows) starts.push((starts.at(-1) ?? 0) + row.terms.length);
  const terms = rows.flatMap((row) => row.terms);
  return {
    numCols: cost.length,
    numRows: rows.length,
    colCost: cost,
    colLower: cost.map(() => 0),
    colUpper: isWhole.map((whole) => (whole ? 1 : Infinity)),
    rowLower: rows.map(({ lower }) => lower),
    rowUpper: rows.map(({ upper }) => upper),
    integrality: Int32Array.from(isWhole, Number),
    matrix: {
      format: 'csr' as const,
      numRows: rows.length,
      numCols: cost.length,
      starts,
      indices: terms.map(([column]) => column),
      values: terms.map(([, factor]) => factor),
    },
  };
}
