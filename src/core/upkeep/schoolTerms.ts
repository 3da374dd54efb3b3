import type { School } from '../practice/practice.ts';
import { takesFactors } from '../practice/rule.ts';
import type { Terms } from '../practice/terms.ts';

/** Terms by a school: a copy of what it says today, with the factors and the doer given. */
export function termsOfSchool(
  { code, rule, allowsFor }: Pick<School, 'code' | 'rule' | 'allowsFor'>,
  { factors, doer }: Pick<Terms, 'factors' | 'doer'>,
): Terms {
  return {
    school: code,
    rule,
    factors: takesFactors(rule) ? factors : [],
    ...(allowsFor && { allowsFor }),
    doer,
  };
}
