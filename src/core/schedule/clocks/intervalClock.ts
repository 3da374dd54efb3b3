import { toCivilDate, type DayNumber } from '../../calendar/civilDate.ts';
import { intervalDue, scaleInterval, type ScaledInterval } from '../interval.ts';
import type { ClockMark, Completion } from '../mark.ts';
import type { Reason } from '../reason.ts';
import type { IntervalRule } from '../rule.ts';
import { marginsOf, type Margins } from '../window.ts';
import type { Clock, ClockContext, RuleDate } from './clock.ts';
import { notBeforeTerms } from './restarting.ts';

/** Every so often after it was last done. */
export class IntervalClock implements Clock {
  private last: Completion | null = null;
  private readonly scaled: ScaledInterval;
  private readonly margins: Margins;

  constructor(
    private readonly rule: IntervalRule,
    private readonly context: ClockContext,
  ) {
    this.scaled = scaleInterval(rule, context.factors);
    this.margins = marginsOf({ kind: 'interval', days: this.scaled.basisDays }, context.timing);
  }

  date(): RuleDate {
    const { adoption, dutyId, factors, start } = this.context;
    const { due, reasons } = this.last
      ? intervalDue(this.rule, factors, this.scaled, this.last)
      : neverDone(adoption.day);
    return {
      key: `${dutyId}:${this.last?.entryId ?? adoption.entryId}`,
      day: notBeforeTerms(due, start, reasons),
      margins: this.margins,
      basisDays: this.scaled.basisDays,
      reasons,
      baseline: this.last === null,
      clock: 'restarts',
      asks: 'work',
      before: null,
    };
  }

  sleep = () => null;
  next = () => null;
  drop = () => undefined;

  take(mark: ClockMark): boolean {
    if (mark.kind !== 'completion') return false;
    this.last = mark;
    return true;
  }
}

const neverDone = (day: DayNumber): { due: DayNumber; reasons: Reason[] } => ({
  due: day,
  reasons: [{ kind: 'noRecord', due: toCivilDate(day) }],
});
