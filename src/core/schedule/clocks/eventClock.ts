import { toCivilDate, type DayNumber } from '../../calendar/civilDate.ts';
import type { Trigger } from '../../climate/weather.ts';
import type { ClockMark } from '../mark.ts';
import type { Reason, Sleep } from '../reason.ts';
import type { EventRule } from '../../practice/rule.ts';
import { responseMargins } from '../window.ts';
import { NOT_LISTED, type ClockContext, type Opens, type RuleDate, type Taken } from './clock.ts';
import { notBeforeTerms } from './restarting.ts';
import { Unlisted } from './unlisted.ts';

/** So many days after the first thing that happened and was not answered yet. */
export class EventClock extends Unlisted {
  private cleared: DayNumber;
  private readonly triggers: readonly Trigger[];

  constructor(
    private readonly rule: EventRule,
    private readonly context: ClockContext,
  ) {
    super();
    this.triggers = context.triggers.filter(
      ({ code, day }) => rule.triggers.includes(code) && day >= context.adoption.day,
    );
    this.cleared = -Infinity;
  }

  date(): RuleDate | null {
    const trigger = this.triggers.find(({ day }) => day > this.cleared);
    if (!trigger) return null;
    const { today, start, dutyId, timing } = this.context;
    const { code, source, entryId } = trigger;
    const frost = code === 'hard-freeze' && source === 'forecast';
    // A forecast freeze is not waited for: its trigger is the day before it, and that is the last day.
    const respondDays = frost ? 0 : this.rule.respondDays;
    const on = toCivilDate(trigger.day);
    let due = trigger.day + respondDays;
    const reasons: Reason[] = [
      { kind: 'trigger', trigger: code, source, on, respondDays, due: toCivilDate(due) },
    ];
    if (frost && due < today) {
      due = today;
      reasons.push({ kind: 'notBeforeToday', due: toCivilDate(due) });
    }
    due = notBeforeTerms(due, start, reasons);
    return {
      key: `${dutyId}:${entryId ?? `${code}-${on}`}`,
      day: due,
      margins: responseMargins(due - Math.min(due, trigger.day), this.rule.respondDays, timing),
      basisDays: this.rule.respondDays,
      reasons,
      baseline: false,
      clock: 'restarts',
      asks: 'work',
      ...NOT_LISTED,
    };
  }

  sleep = (): Sleep => ({ kind: 'trigger', triggers: this.rule.triggers });

  /** A completion that day or later clears what happened. */
  take(mark: ClockMark, opens: Opens | null): Taken {
    if (mark.kind !== 'completion' || mark.how === 'looked') return 'extra';
    const answered = this.triggers.some(({ day }) => day > this.cleared && day <= mark.day);
    this.cleared = Math.max(this.cleared, mark.day);
    if (!answered) return 'extra';
    return opens === null ? 'counts' : 'answers';
  }
}
