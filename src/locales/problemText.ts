import type { Problem } from '../contract/errors.ts';
import { problems } from './en-US/problems.ts';
import type { Translate } from './speech.ts';

/** The right value instead, in words: "must be at least 1". */
export function problemText(t: Translate, problem: Problem): string {
  const key = problem.kind in problems.problem ? problem.kind : 'invalid';
  const { expected = '', options = [] } = problem;
  const named = {
    ...problem,
    names: (problem.names ?? []).join(', '),
    expected: expected in problems.format ? t(`format.${expected}`) : expected,
    options: options.join(', '),
  };
  return t(`problem.${key}`, named, problem.minimum);
}
