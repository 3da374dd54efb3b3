import { z } from 'zod';
import { costPartsSchema } from '../../core/planning/costs.ts';
import { problemSchema } from '../../core/planning/problem.ts';
import type { Plan } from '../../core/planning/solve.ts';

/** A request to the worker that plans. */
export const plannerQuestionSchema = z.strictObject({
  problem: problemSchema,
  moves: z.int().min(0),
  seed: z.int().min(0),
});
export type PlannerQuestion = z.infer<typeof plannerQuestionSchema>;

const noWeekSchema = z.union([
  z.strictObject({ id: z.string(), rule: z.literal('blocked') }),
  z.strictObject({ id: z.string(), rule: z.literal('order'), with: z.string() }),
]);

/** Its answers: how many changes it has tried, and in the end the plan. */
export const plannerAnswerSchema = z.discriminatedUnion('kind', [
  z.strictObject({ kind: z.literal('progress'), done: z.int() }),
  z.strictObject({
    kind: z.literal('plan'),
    plan: z.strictObject({
      plan: z.record(z.string(), z.int()),
      cost: costPartsSchema,
      unplaced: z.array(noWeekSchema),
      moves: z.int(),
    }),
  }),
]);
export type PlannerAnswer = z.infer<typeof plannerAnswerSchema>;

/** Planning that goes on beside the page. `plan`: null where it was stopped; it rejects when the worker itself fails. */
export interface Planning {
  readonly plan: Promise<Plan | null>;
  stop(): void;
}

/** Plans in a worker, so that the page stays awake. */
export function planInWorker(question: PlannerQuestion, onProgress: (done: number) => void): Planning {
  const worker = new Worker(new URL('./planner.worker.ts', import.meta.url), { type: 'module' });
  let stop = (): void => undefined;
  const plan = new Promise<Plan | null>((resolve, reject) => {
    stop = () => {
      resolve(null);
    };
    worker.onmessage = ({ data }: MessageEvent<unknown>) => {
      const answer = plannerAnswerSchema.parse(data);
      if (answer.kind === 'progress') onProgress(answer.done);
      else resolve(answer.plan);
    };
    worker.onerror = ({ message }) => {
      reject(new Error(message));
    };
    worker.postMessage(question);
  }).finally(() => {
    worker.terminate();
  });
  return {
    plan,
    stop: () => {
      stop();
    },
  };
}
