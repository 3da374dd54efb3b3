import { ZxcvbnFactory } from '@zxcvbn-ts/core';
import { adjacencyGraphs, dictionary } from '@zxcvbn-ts/language-common';

/** How hard a password is to guess, from 0 to 4, and by which code it is weak, if it is. */
export interface Strength {
  readonly score: number;
  readonly weakness: string | null;
}

/** The least score that is taken: about a hundred million guesses. */
const LEAST_SCORE = 3;

/** Kept lists of common passwords and words, keyboards' rows, dates and repeats. */
const estimator = new ZxcvbnFactory({ dictionary, graphs: adjacencyGraphs });

/** Estimates a password. `about`: words that others know of its owner, such as name and address. */
export function strengthOf(password: string, about: readonly string[]): Strength {
  const known = [...about, 'salt ledger'].flatMap((one) => {
    const words = one.split(/[^\p{L}\p{N}]+/u);
    return [one, words.join(''), ...words];
  });
  const { score, feedback } = estimator.check(
    password,
    known.filter((one) => one.length > 2),
  );
  return { score, weakness: score >= LEAST_SCORE ? null : (feedback.warning ?? 'guessable') };
}
