import { z } from 'zod';
import { text } from '../basics/text.ts';
import { codeSchema } from '../basics/code.ts';
import { HOUSE_KINDS } from './houseKind.ts';

const answerSchema = z.union([
  text().max(60),
  z.number().min(0).max(10_000),
  z.boolean(),
  z.array(codeSchema).max(40),
  z.null(),
]);

/** A walk as it is kept, so that it can be left and taken up on another device. `confirmed`: the stops gone through. */
export const walkStateSchema = z.strictObject({
  version: z.literal(1),
  kind: z.enum(HOUSE_KINDS).nullable(),
  answers: z.record(codeSchema, answerSchema),
  confirmed: z.array(codeSchema).max(40),
});
export type WalkState = z.infer<typeof walkStateSchema>;

export const NEW_WALK: WalkState = { version: 1, kind: null, answers: {}, confirmed: [] };

/** Whether two walks have come to the same; the order in which answers were given does not matter. */
export function sameWalk(a: WalkState, b: WalkState): boolean {
  const said = ({ answers }: WalkState): string =>
    JSON.stringify(Object.entries(answers).sort(([one], [other]) => (one < other ? -1 : 1)));
  return a.kind === b.kind && a.confirmed.join() === b.confirmed.join() && said(a) === said(b);
}
