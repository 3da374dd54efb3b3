import { z } from 'zod';
import { text } from '../basics/text.ts';
import { climateTraits } from '../catalogue/planFor.ts';
import { figuresOf, type ClimatePlace } from '../climate/climate.ts';
import { codeSchema } from '../basics/code.ts';
import { Given } from './given.ts';
import { HOUSE_KINDS, likelyAnswers } from './houseKinds.ts';
import type { Answers } from './question.ts';
import { questionsAt, STOPS } from './stops.ts';

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

/** The answers given, and where there is none, the likely one for the kind of house where it stands. */
export function answersOf({ kind, answers }: WalkState, place: ClimatePlace): Answers {
  if (kind === null) return answers;
  const figures = figuresOf(place);
  return { ...likelyAnswers(kind, figures && climateTraits(figures), answers), ...answers };
}

/** Takes a stop as it is shown: its answers are from now on what was said, likely or not. */
export function confirmStop(state: WalkState, code: string, place: ClimatePlace): WalkState {
  const shown = answersOf(state, place);
  const stop = STOPS.find((one) => one.code === code);
  if (!stop) return state;
  const said = questionsAt(stop, new Given(shown)).map((question): [string, WalkState['answers'][string]] => [
    question.code,
    copyOf(shown[question.code] ?? null),
  ]);
  return {
    ...state,
    answers: { ...state.answers, ...Object.fromEntries(said) },
    confirmed: [...state.confirmed.filter((one) => one !== code), code],
  };
}

const copyOf = (answer: Answers[string]): WalkState['answers'][string] =>
  Array.isArray(answer) ? [...(answer as readonly string[])] : (answer as WalkState['answers'][string]);

/** The first stop not yet gone through; null when all have been. */
export const nextStop = ({ confirmed }: WalkState): string | null =>
  STOPS.find(({ code }) => !confirmed.includes(code))?.code ?? null;

/** Whether two walks have come to the same; the order in which answers were given does not matter. */
export function sameWalk(a: WalkState, b: WalkState): boolean {
  const said = ({ answers }: WalkState): string =>
    JSON.stringify(Object.entries(answers).sort(([one], [other]) => (one < other ? -1 : 1)));
  return a.kind === b.kind && a.confirmed.join() === b.confirmed.join() && said(a) === said(b);
}
