import type { Given } from './given.ts';

/** An answer as it is kept: a choice, a number, yes or no, several choices, or null for "don't know yet". */
export type Answer = string | number | boolean | readonly string[] | null;
export type Answers = Readonly<Record<string, Answer>>;

interface Asked {
  readonly code: string;
  /** Asked only where earlier answers make it one; else always. */
  readonly when?: (given: Given) => boolean;
}

type Options = readonly string[] | ((given: Given) => readonly string[]);

/** One short question. What its codes are called stands in the locales, a place's name in the house being walked. */
export type Question = Asked &
  (
    | { readonly kind: 'choice'; readonly options: Options }
    | { readonly kind: 'several'; readonly options: Options }
    | { readonly kind: 'yesNo' }
    | { readonly kind: 'count'; readonly min: number; readonly max: number }
    /** A date known at least to the year, read off a label. */
    | { readonly kind: 'made' }
    /** A short text, such as a size printed on a thing. */
    | { readonly kind: 'text'; readonly max: number }
    /** A country, by the two capital letters of ISO 3166. */
    | { readonly kind: 'country' }
    /** When something was last done, as it is remembered: see `lastDone.ts`. */
    | { readonly kind: 'lastDone' }
  );

/** One stop of the walk: a room, or a part of the house looked at together. One tap confirms all its answers. */
export interface Stop {
  readonly code: string;
  readonly questions: readonly Question[];
}

export const optionsOf = (question: Question, given: Given): readonly string[] => {
  if (question.kind !== 'choice' && question.kind !== 'several') return [];
  return typeof question.options === 'function' ? question.options(given) : question.options;
};
