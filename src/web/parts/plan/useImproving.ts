import { ref } from 'vue';
import type { Problem } from '../../../core/planning/problem.ts';
import { USUAL_MOVES, type Plan } from '../../../core/planning/solve.ts';
import { planInWorker, type Planning } from '../../workers/planner.ts';
import { SEED } from './useAcceptedPlan.ts';

/** Improves a plan beside the page, with its progress, and a way to stop it. */
export function useImproving() {
  /** How far it has come, 0 to 1; null where none is under way. */
  const progress = ref<number | null>(null);
  let running: Planning | null = null;

  /** The plan after the usual effort; null where it was stopped or one is under way. Throws where the worker dies. */
  async function improved(problem: Problem): Promise<Plan | null> {
    if (progress.value !== null) return null;
    progress.value = 0;
    try {
      running = planInWorker({ problem, moves: USUAL_MOVES, seed: SEED }, (done) => {
        progress.value = done / USUAL_MOVES;
      });
      return await running.plan;
    } finally {
      running = null;
      progress.value = null;
    }
  }

  const stop = (): void => running?.stop();
  return { progress, improved, stop };
}
