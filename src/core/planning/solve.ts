import { anneal, type Effort } from './anneal.ts';
import { construct } from './construct.ts';
import { costOf } from './costOf.ts';
import type { CostParts } from './costs.ts';
import { descend, descendFar } from './descend.ts';
import { Draft } from './draft.ts';
import type { Problem } from './problem.ts';
import { readyProblem, type NoWeek } from './ready.ts';
import { reinsert } from './reinsert.ts';

/** A plan: the week of each task, its cost by parts, and the tasks that no week is left to. */
export interface Plan {
  readonly plan: Readonly<Record<string, number>>;
  readonly cost: CostParts;
  readonly unplaced: readonly ({ readonly id: string } & NoWeek)[];
  /** Changes that were tried after the first plan. Each week looked at for a task is one. */
  readonly moves: number;
}

/** Changes tried unless it is said otherwise: about a second on an ordinary machine. */
export const USUAL_MOVES = 2_400_000;

/** Changes tried for the first plan, for each task: some 20 milliseconds for a large home. */
const FIRST_MOVES = 300;

/** Share of the changes that are of single tasks, before some are taken out together. */
const SINGLE_SHARE = 0.2;

/** Plans a problem; no moves give the first plan, at once. The same problem, moves and seed give the same plan on every machine. */
export function solve(problem: Problem, effort: Effort): Plan {
  const ready = readyProblem(problem);
  const draft = new Draft(ready);
  construct(draft);
  reinsert(draft, { moves: FIRST_MOVES * ready.tasks.length, seed: 1 });
  descend(draft);
  const tried = effort.moves === 0 ? 0 : improve(draft, effort);
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

/** Changes single tasks, then takes some out and puts them back, then goes down to where no small change saves anything. Answers how many were tried. */
function improve(draft: Draft, { moves, seed, goesOn = () => true }: Effort): number {
  const single = Math.ceil(moves * SINGLE_SHARE);
  let tried = anneal(draft, { moves: single, seed, goesOn });
  if (tried === single)
    tried += reinsert(draft, { moves: moves - single, seed, goesOn: (done) => goesOn(single + done) });
  descendFar(draft);
  return tried;
}
