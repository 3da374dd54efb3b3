import { toCivilDate, type DayNumber } from '../../calendar/civilDate.ts';
import { intervalDue, scaleInterval, type ScaledInterval } from '../interval.ts';
import type { ClockMark, Completion } from '../mark.ts';
import type { Reason } from '../reason.ts';
import type { IntervalRule } from '../../practice/rule.ts';
import { marginsOf, type Margins } from '../window.ts';
import { NOT_LISTED, type ClockContext, type Opens, type RuleDate, type Taken } from './clock.ts';
import { notBeforeTerms } from './restarting.ts';
import { Unlisted } from './unlisted.ts';

/** Every so often after it was last done. */
export class IntervalClock extends Unlisted {
  private last: Completion | null = null;
  private readonly scaled: ScaledInterval;
  private readonly margins: Margins;

  constructor(
    private readonly rule: IntervalRule,
    private readonly context: ClockContext,
  ) {
    super();
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
      ...NOT_LISTED,
    };
  }

  sleep = () => null;

  take(mark: ClockMark, opens: Opens | null): Taken {
    if (mark.kind !== 'completion') return 'extra';
    this.last = mark;
    return opens === null ? 'counts' : 'answers';
  }
}

const neverDone = (day: DayNumber): { due: DayNumber; reasons: Reason[] } => ({
  due: day,
  reasons: [{ kind: 'noRecord', due: toCivilDate(day) }],
});
