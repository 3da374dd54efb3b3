import { makeBody } from '../../../core/ledger/write/makeBody.ts';
import type { Practice } from '../../../core/practice/practice.ts';
import type { EntryBody } from '../../../core/ledger/entry.ts';
import type { Rule } from '../../../core/practice/rule.ts';
import { readTypedNumber } from '../../../core/units/typedNumber.ts';

/** The looks of a filter, from new to worn out, and its grade as a form holds it. */
export const GRADES = { new: '0', light: '0.5', gray: '1' } as const;

/** The look a grade stands for: the one nearest to it. */
export const lookOfGrade = (grade: number): keyof typeof GRADES =>
  grade < 0.25 ? 'new' : grade < 0.75 ? 'light' : 'gray';

/** The measure that calls for the filter's change: looks at it are graded. */
const GRADE = 'filter-grade';

function goesByGrade(rule: Rule): boolean {
  if (rule.kind === 'condition') return 'measure' in rule.change && rule.change.measure === GRADE;
  return rule.kind === 'first' && rule.of.some(goesByGrade);
}

/** Whether looks of a practice grade what they see. */
export const isGraded = (practice: Practice | undefined): boolean =>
  practice?.kind === 'duty' && practice.schools.some(({ rule }) => goesByGrade(rule));

/** The entry a look makes: a reading of the grade, or a finding with its verdict. */
export function lookBody(found: string, duty: string, asset: string): EntryBody {
  const value = gradeOf(found);
  return value === null
    ? makeBody('finding', { asset, duty, what: 'look', verdict: verdictOf(found) })
    : makeBody('reading', { asset, measure: GRADE, value, unit: 'grade' });
}

/** A grade as a form holds it; null for anything else that can be chosen there. */
export function gradeOf(chosen: string): number | null {
  const read = readTypedNumber(chosen);
  return read.ok ? read.value : null;
}

const verdictOf = (found: string): 'sound' | 'watch' | 'act' =>
  found === 'watch' || found === 'act' ? found : 'sound';
