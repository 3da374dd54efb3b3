import type { Practice } from '../practice/practice.ts';
import { DISAGREEMENTS, type Disagreement } from './data/disagreements.ts';

/** Whether a question practitioners disagree about is about a task: by its approaches, by ways that take each other's place, or by a note. */
export function isAbout(one: Disagreement, { code, alternatives }: Practice): boolean {
  if ('schoolsOf' in one) return one.schoolsOf.includes(code);
  if ('alternatives' in one) return one.alternatives === alternatives;
  return one.notesOf.includes(code);
}

/** The questions practitioners disagree about in a task. */
export const disagreementsOn = (practice: Practice): readonly Disagreement[] =>
  DISAGREEMENTS.filter((one) => isAbout(one, practice));
