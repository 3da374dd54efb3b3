import { toCivilDate, type DayNumber } from '../../calendar/civilDate.ts';
import type { ClockMark, Completion, Look } from '../mark.ts';
import type { Reason, Sleep } from '../reason.ts';
import type { ConditionRule } from '../rule.ts';
import { responseMargins } from '../window.ts';
import type { Clock, ClockContext, NextDate, Opens, RuleDate } from './clock.ts';
import { notBeforeTerms } from './restarting.ts';

/** Looks by an inner rule, and the work once a look calls for it. */
export class ConditionClock implements Clock {
  private called: Look | null = null;

  constructor(
    private readonly rule: ConditionRule,
    private readonly context: ClockContext,
    private readonly looks: Clock,
  ) {}

  date(): RuleDate | null {
    if (!this.called) {
      const look = this.looks.date();
      return look && { ...look, asks: 'look' };
    }
    const { entryId, day, value, measure } = this.called;
    const { respondDays } = this.rule;
    const due = day + respondDays;
    const reasons: Reason[] = [
      {
        kind: 'called',
        what: measure ?? this.called.finding ?? '',
        value: measure === null ? null : value,
        on: toCivilDate(day),
        respondDays,
        due: toCivilDate(due),
      },
    ];
    const moved = notBeforeTerms(due, this.context.start, reasons);
    return {
      key: `${this.context.dutyId}:${entryId}`,
      day: moved,
      margins: responseMargins(moved - day, respondDays, this.context.timing),
      basisDays: respondDays,
      reasons,
      baseline: false,
      clock: 'restarts',
      asks: 'work',
      before: null,
    };
  }

  sleep = (): Sleep | null => this.looks.sleep();

  next(opens: Opens): NextDate | null {
    return this.called ? null : this.looks.next(opens);
  }

  take(mark: ClockMark, opens: Opens | null): boolean {
    switch (mark.kind) {
      case 'renewal':
        // What was found of the old unit is not the new one's.
        if (mark.how === 'replaced') this.called = null;
        return this.looks.take(mark, opens);
      case 'completion': {
        const answers = this.called !== null && mark.how !== 'looked';
        if (mark.how !== 'looked') this.called = null;
        return this.looks.take(mark, opens) || answers;
      }
      case 'look':
        return this.isLook(mark) && this.takeLook(mark, opens);
    }
  }

  drop(from: DayNumber, to: DayNumber): void {
    this.looks.drop(from, to);
  }

  private takeLook(look: Look, opens: Opens | null): boolean {
    const inTime = this.looks.take(asCompletion(look), opens);
    const stood = this.called !== null;
    if (!stood && this.callsForWork(look)) this.called = look;
    return inTime && !stood;
  }

  /** A reading of the measure, or a finding that names the duty or is the one that calls. */
  private isLook({ ofDuty, measure, finding }: Look): boolean {
    const { change } = this.rule;
    if ('measure' in change) return measure === change.measure || (ofDuty && finding !== null);
    return finding !== null && (ofDuty || finding === change.finding);
  }

  private callsForWork({ calls, finding, measure, value }: Look): boolean {
    const { change } = this.rule;
    if (calls) return true;
    return 'measure' in change
      ? measure === change.measure && value >= change.atLeast
      : finding === change.finding;
  }
}

const asCompletion = ({ entryId, day }: Look): Completion => ({
  kind: 'completion',
  entryId,
  day,
  how: 'looked',
  occurrence: null,
});
