import { z } from 'zod';
import { stationClimateSchema } from '../../core/climate/stationClimate.ts';
import { hemisphereSchema } from '../../core/house/house.ts';

/** A request to the worker that reads station files. */
export const stationQuestionSchema = z.strictObject({ text: z.string(), hemisphere: hemisphereSchema });

const rowProblemSchema = z.strictObject({
  code: z.enum(['columns', 'date', 'value', 'station', 'place', 'quotes']),
  row: z.int(),
  column: z.string(),
  value: z.string(),
});

/** Its answer: the climate, or what is wrong with the file. */
export const stationAnswerSchema = z.discriminatedUnion('ok', [
  z.strictObject({
    ok: z.literal(true),
    value: z.strictObject({ climate: stationClimateSchema, flagged: z.int() }),
  }),
  z.strictObject({
    ok: z.literal(false),
    error: z.union([
      z.strictObject({ code: z.literal('empty') }),
      z.strictObject({ code: z.literal('rows'), problems: z.array(rowProblemSchema), total: z.int() }),
      z.strictObject({
        code: z.enum(['too-few-winters', 'month-empty']),
        winters: z.int(),
        wanted: z.int(),
        month: z.int(),
      }),
    ]),
  }),
]);
export type StationAnswer = z.infer<typeof stationAnswerSchema>;

/** Reads a station file in a worker. Rejects when the worker itself fails. */
export function readInWorker(question: z.infer<typeof stationQuestionSchema>): Promise<StationAnswer> {
  const worker = new Worker(new URL('./stationSeries.worker.ts', import.meta.url), { type: 'module' });
  return new Promise<StationAnswer>((resolve, reject) => {
    worker.onmessage = ({ data }: MessageEvent<unknown>) => {
      resolve(stationAnswerSchema.parse(data));
    };
    worker.onerror = ({ message }) => {
      reject(new Error(message));
    };
    worker.postMessage(question);
  }).finally(() => {
    worker.terminate();
  });
}
