import { toCivilDate, type DayNumber } from '../../calendar/civilDate.ts';
import type { Reason } from '../reason.ts';
import type { Margins } from '../window.ts';
import type { RuleDate } from './ruleDate.ts';

/** The parts of a date in which rules that restart differ. */
interface Restarting {
  readonly key: string;
  /** The day it is due, and the day the terms began: no date is before that. */
  readonly due: DayNumber;
  readonly start: DayNumber;
  readonly margins: Margins;
  readonly basisDays: number;
  readonly baseline?: boolean;
  readonly asks?: RuleDate['asks'];
  /** Adds the steps that lead to `due`. */
  readonly explain: (told: Reason[]) => void;
}

/** A date of a rule that restarts. It lists none, so nothing is said of freezes or of until when it makes sense. */
export const restartingDate = ({
  key,
  due,
  start,
  margins,
  basisDays,
  baseline = false,
  asks = 'work',
  explain,
}: Restarting): RuleDate => ({
  key,
  day: Math.max(due, start),
  margins,
  basisDays,
  baseline,
  clock: 'restarts',
  asks,
  before: null,
  risk: 10,
  worth: null,
  owed: null,
  explain: (told) => {
    explain(told);
    if (due < start) told.push({ kind: 'termsBegan', due: toCivilDate(start) });
  },
});
