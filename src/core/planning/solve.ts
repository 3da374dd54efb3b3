import { anneal, ONE_ROUND, ROUNDS, type Effort } from './anneal.ts';
import { construct } from './construct.ts';
import { costOf } from './costOf.ts';
import type { CostParts } from './costs.ts';
import { descend, descendFar } from './descend.ts';
import { Draft } from './draft.ts';
import type { Problem } from './problem.ts';
import { readyProblem, type NoWeek } from './ready.ts';

/** A plan: the week of each task, its cost by parts, and the tasks that no week is left to. */
export interface Plan {
  readonly plan: Readonly<Record<string, number>>;
  readonly cost: CostParts;
  readonly unplaced: readonly ({ readonly id: string } & NoWeek)[];
  /** Changes that were tried after the first plan. */
  readonly moves: number;
}

/** Changes tried unless it is said otherwise: about a second on an ordinary machine. */
export const USUAL_MOVES = 2_400_000;

/** Changes tried for the first plan, for each task: some 20 milliseconds for a large home. */
const FIRST_MOVES = 250;

/** Plans a problem; no moves give the first plan, at once. The same problem, moves and seed give the same plan on every machine. */
export function solve(problem: Problem, effort: Effort): Plan {
  const ready = readyProblem(problem);
  const draft = new Draft(ready);
  construct(draft);
  descend(draft);
  anneal(draft, { moves: FIRST_MOVES * ready.tasks.length, seed: 1 }, ONE_ROUND);
  descend(draft);
  const tried = effort.moves === 0 ? 0 : anneal(draft, effort, ROUNDS);
  if (tried > 0) descendFar(draft);
  return {
    plan: Object.fromEntries(
      ready.tasks.flatMap(({ id }, task) => {
        const week = draft.week[task] ?? -1;
        return week < 0 ? [] : [[id, week]];
      }),
    ),
    cost: costOf(ready, draft.week),
    unplaced: [...ready.unplaced].map(([task, why]) => ({ id: ready.tasks[task]?.id ?? '', ...why })),
    moves: tried,
  };
}
