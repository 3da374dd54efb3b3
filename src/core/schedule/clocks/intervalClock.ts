import { toCivilDate } from '../../calendar/civilDate.ts';
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
    const { adoption, dutyId } = this.context;
    const reasons: Reason[] = [];
    let due = adoption.day;
    if (this.last) {
      reasons.push({ kind: 'lastDone', on: toCivilDate(this.last.day), how: this.last.how });
      due = intervalDue(this.rule, this.context.factors, this.scaled, this.last.day, reasons);
    } else {
      reasons.push({ kind: 'noRecord', due: toCivilDate(due) });
    }
    return {
      key: `${dutyId}:${this.last?.entryId ?? adoption.entryId}`,
      day: notBeforeTerms(due, this.context.start, reasons),
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
