import type { FindPractice } from '../house/timingOf.ts';
import { PRACTICES } from './data/index.ts';
import type { Practice } from '../practice/practice.ts';

export { PRACTICES };

const byCode = new Map(PRACTICES.map((practice) => [practice.code, practice]));

/** The practice of a code in the catalogue, or undefined when it has none. */
export const findPractice: FindPractice = (code) => byCode.get(code);

/** Practices of the catalogue and of a home; the home's own comes first where both have the code. */
export function finderWith(own: readonly Practice[]): FindPractice {
  if (own.length === 0) return findPractice;
  const ownByCode = new Map(own.map((practice) => [practice.code, practice]));
  return (code) => ownByCode.get(code) ?? byCode.get(code);
}
