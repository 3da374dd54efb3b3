import type { DayNumber } from '../../calendar/civilDate.ts';
import type { Occurrence } from '../occurrence.ts';
import type { Reason } from '../reason.ts';
import { windowReason, type Margins, type Window } from '../window.ts';
import type { RuleDate } from './ruleDate.ts';

/**
 * The cause of the present date of a course: enough to make the date again. A rule that restarts counts from a day, told as twice that
 * day and one more where it was only looked at; a listed date is its own cause. Of several rules, all of them.
 */
export type Cause = number | readonly Cause[];

/** The cause of the date with which a course begins. */
export const AT_FIRST: Cause = -Infinity;

/**
 * The imagined event. done: the work; look: a look that finds nothing; looked: the same as a rule for looks is told of it;
 * workOnly: the work, which is no answer to listed looks.
 */
export type Happening = 'done' | 'look' | 'looked' | 'workOnly';

/**
 * How a rule goes on from its present state if all that falls due is done: a step at a time, in whole days, with nothing made that is
 * not asked for.
 */
export interface Course {
  /** Its next date; infinity where there is none. */
  readonly due: DayNumber;
  readonly margins: Margins;
  readonly asks: 'work' | 'look';
  /** The look it asks for is to read an age: it cannot find nothing. */
  readonly asksAge: boolean;
  /** Whether a window is its margins around the date and no more. */
  readonly plain: boolean;
  readonly cause: Cause;
  /** Goes on to a day on which something happens; `named`: it is done for the date that leads, whether its window is open or not. */
  step(day: DayNumber, what: Happening, named: boolean): void;
  /** The date that rests on a cause, as the rule itself would give it. */
  dateOf(cause: Cause): RuleDate | null;
  /** The occurrence of that date in its plain window, made the short way; the same as {@link occurrenceOf} makes of the date. */
  tell?(cause: Cause, window: Window): Occurrence;
}

/** The occurrence of a date whose window is its margins and no more. Nothing is booked or ordered for what is only imagined. */
export function occurrenceOf(date: RuleDate | null, window: Window): Occurrence {
  if (!date) throw new Error('what was stepped to has a date');
  const { key, asks, baseline, basisDays, margins } = date;
  const reasons: Reason[] = [];
  date.explain(reasons);
  reasons.push(windowReason(basisDays, margins, window));
  return { key, window, reasons, baseline, asks, bookBy: null, orderBy: null };
}

/** Of a course that has no date. */
export const NO_MARGINS: Margins = { early: 0, earlyBy: 'share', grace: 0, graceBy: 'share' };

/** Whether the work itself is done. */
export const isWork = (what: Happening): boolean => what === 'done' || what === 'workOnly';

/** The cause of a date of a rule that restarted on a day. */
export const restartedOn = (day: DayNumber, what: Happening): number => day * 2 + (what === 'looked' ? 1 : 0);

/** The day of a cause of {@link restartedOn}, and whether it was a look. */
export const restartOf = (cause: number): DayNumber => Math.floor(cause / 2);
export const wasLook = (cause: number): boolean => cause % 2 !== 0;

/** Causes of single rules are numbers; anything else is a bug. */
export function asNumber(cause: Cause): number {
  if (typeof cause !== 'number') throw new Error('the cause of a single rule is a number');
  return cause;
}
