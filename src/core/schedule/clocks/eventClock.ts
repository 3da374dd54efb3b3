import { toCivilDate, type DayNumber } from '../../calendar/civilDate.ts';
import type { Trigger } from '../../climate/weather.ts';
import type { ClockMark } from '../mark.ts';
import type { Reason, Sleep } from '../reason.ts';
import type { EventRule } from '../rule.ts';
import { responseMargins } from '../window.ts';
import type { Clock, ClockContext, RuleDate } from './clock.ts';
import { notBeforeTerms } from './restarting.ts';

/** So many days after the first thing that happened and was not answered yet. */
export class EventClock implements Clock {
  private cleared: DayNumber;
  private readonly triggers: readonly Trigger[];

  constructor(
    private readonly rule: EventRule,
    private readonly context: ClockContext,
  ) {
    this.triggers = context.triggers.filter(
      ({ code, day }) => rule.triggers.includes(code) && day >= context.adoption.day,
    );
    this.cleared = -Infinity;
  }

  date(): RuleDate | null {
    const trigger = this.triggers.find(({ day }) => day > this.cleared);
    if (!trigger) return null;
    const { today, start, dutyId, timing } = this.context;
    const { respondDays } = this.rule;
    const { code, source, entryId } = trigger;
    const on = toCivilDate(trigger.day);
    let due = trigger.day + respondDays;
    const reasons: Reason[] = [
      { kind: 'trigger', trigger: code, source, on, respondDays, due: toCivilDate(due) },
    ];
    if (code === 'hard-freeze' && source === 'forecast' && due < today) {
      due = today;
      reasons.push({ kind: 'notBeforeToday', due: toCivilDate(due) });
    }
    due = notBeforeTerms(due, start, reasons);
    return {
      key: `${dutyId}:${entryId ?? `${code}-${on}`}`,
      day: due,
      margins: responseMargins(due - Math.min(due, trigger.day), respondDays, timing),
      basisDays: respondDays,
      reasons,
      baseline: false,
      clock: 'restarts',
      asks: 'work',
      before: null,
    };
  }

  sleep = (): Sleep => ({ kind: 'trigger', triggers: this.rule.triggers });
  next = () => null;
  drop = () => undefined;

  /** A completion that day or later clears what happened. */
  take(mark: ClockMark, opens: unknown): boolean {
    if (mark.kind !== 'completion' || mark.how === 'looked') return false;
    const answered = this.triggers.some(({ day }) => day > this.cleared && day <= mark.day);
    this.cleared = Math.max(this.cleared, mark.day);
    return answered && opens !== null;
  }
}
