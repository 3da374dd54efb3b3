import './noCodeFromText.ts';
import { solve } from '../../core/planning/solve.ts';
import { plannerQuestionSchema, type PlannerAnswer } from './planner.ts';

const tell = (answer: PlannerAnswer): void => {
  self.postMessage(answer);
};

/** Changes between two answers of progress. */
const STEP = 50_000;

// A year is planned here, so that the page stays awake.
self.addEventListener('message', ({ data }: MessageEvent<unknown>) => {
  const { problem, moves, seed } = plannerQuestionSchema.parse(data);
  let told = 0;
  const goesOn = (done: number): boolean => {
    if (done - told >= STEP) {
      told = done;
      tell({ kind: 'progress', done });
    }
    return true;
  };
  const { plan, cost, unplaced, moves: tried } = solve(problem, { moves, seed, goesOn });
  tell({ kind: 'plan', plan: { plan: { ...plan }, cost, unplaced: [...unplaced], moves: tried } });
});
