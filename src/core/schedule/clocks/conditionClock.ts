import { toCivilDate, type DayNumber } from '../../calendar/civilDate.ts';
import type { ClockMark, Completion, Look } from '../mark.ts';
import type { Reason, Sleep } from '../reason.ts';
import type { ConditionRule } from '../../practice/rule.ts';
import { responseMargins } from '../window.ts';
import {
  NOT_LISTED,
  type Clock,
  type ClockContext,
  type NextDate,
  type Opens,
  type RuleDate,
  type Taken,
} from './clock.ts';
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
      ...NOT_LISTED,
    };
  }

  sleep = (): Sleep | null => this.looks.sleep();

  next(end: DayNumber): NextDate | null {
    return this.called ? null : this.looks.next(end);
  }

  take(mark: ClockMark, opens: Opens | null): Taken {
    switch (mark.kind) {
      case 'renewal':
        // What was found of the old unit is not the new one's.
        if (mark.how === 'replaced') this.called = null;
        return this.looks.take(mark, opens);
      case 'completion':
        return mark.how === 'looked' ? this.looks.take(mark, opens) : this.takeWork(mark, opens);
      case 'look':
        return this.isLook(mark) ? this.takeLook(mark, opens) : 'counts';
    }
  }

  adopt(): void {
    this.looks.adopt();
  }

  dropBefore(day: DayNumber): void {
    this.looks.dropBefore(day);
  }

  pause(from: DayNumber, to: DayNumber): void {
    this.looks.pause(from, to);
  }

  reopen(day: DayNumber): readonly string[] {
    return this.looks.reopen(day);
  }

  listedFrom(day: DayNumber): DayNumber | null {
    return this.looks.listedFrom(day);
  }

  listedUpTo(day: DayNumber): DayNumber | null {
    return this.looks.listedUpTo(day);
  }

  forget(): void {
    this.looks.forget();
  }

  /** The work answers what called for it and restarts looks that restart; a listed look is answered by looks alone. */
  private takeWork(mark: Completion, opens: Opens | null): Taken {
    const wasCalled = this.called !== null;
    this.called = null;
    const taken = this.looks.take(mark, opens && NEVER_OPEN);
    if (!wasCalled) return taken;
    return opens === null ? 'counts' : 'answers';
  }

  private takeLook(look: Look, opens: Opens | null): Taken {
    const taken = this.looks.take(asCompletion(look), opens);
    const stood = this.called !== null;
    if (!stood && this.callsForWork(look)) this.called = look;
    return taken === 'answers' && !stood ? 'answers' : 'counts';
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

const NEVER_OPEN: Opens = () => Infinity;

const asCompletion = ({ entryId, day }: Look): Completion => ({
  kind: 'completion',
  entryId,
  day,
  how: 'looked',
  occurrence: null,
});
