import { climateTraits } from '../catalogue/planFor.ts';
import { figuresOf, type ClimatePlace } from '../climate/climate.ts';
import { Given } from './given.ts';
import { likelyAnswers } from './houseKinds.ts';
import type { Answers } from './question.ts';
import { questionsAt, STOPS } from './stops.ts';
import type { WalkState } from './walkState.ts';

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
