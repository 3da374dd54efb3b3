import type { DayNumber } from '../../calendar/civilDate.ts';
import type { FreezeRisk } from '../../climate/anchor.ts';
import type { WorthUntil } from '../../practice/rule.ts';
import type { Reason } from '../reason.ts';
import type { Margins } from '../window.ts';

/** The date a rule gives, before anything moves it. */
export interface RuleDate {
  readonly key: string;
  readonly day: DayNumber;
  readonly margins: Margins;
  /** The length that shares of the interval are taken from; null for listed dates. */
  readonly basisDays: number | null;
  /** Never done and never dated: listed apart, not as an emergency. */
  readonly baseline: boolean;
  readonly clock: 'restarts' | 'listed';
  /** A look only; what it finds may call for the work. */
  readonly asks: 'work' | 'look';
  /** The day a freeze is expected that a closing must be done before. */
  readonly before: DayNumber | null;
  /** The risk at which its rule counts freezes. */
  readonly risk: FreezeRisk;
  /** The last day on which it still makes sense; null where nothing is said. */
  readonly worth: Worth | null;
  /** Owed although its listed date has passed: its window begins on the day it is owed from. */
  readonly owed: 'caughtUp' | 'openedAgain' | null;
  /** Adds the steps from what it counts from to `day`: the same computation again, told as data. */
  explain(told: Reason[]): void;
}

/** A worth-until day and the rule it is from. */
export interface Worth {
  readonly until: DayNumber;
  readonly by: WorthUntil;
}
