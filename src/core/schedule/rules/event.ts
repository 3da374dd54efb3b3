import { toCivilDate, type DayNumber } from '../../calendar/civilDate.ts';
import type { Trigger } from '../../climate/weather.ts';
import type { RuleEvent } from './dutyEvent.ts';
import type { Sleep } from '../reason.ts';
import type { EventRule } from '../../practice/rule.ts';
import { responseMargins } from '../window.ts';
import type { RuleDate } from './ruleDate.ts';
import { memoryOf, type RuleMemory } from './ruleMemory.ts';
import type { Opens, RuleContext, Taken } from './ruleState.ts';
import { restartingDate } from './restarting.ts';
import { Unlisted } from './unlisted.ts';

/** So many days after the first thing that happened and was not answered yet. */
export class EventState extends Unlisted {
  private cleared: DayNumber;
  private readonly triggers: readonly Trigger[];

  constructor(
    private readonly rule: EventRule,
    private readonly context: RuleContext,
  ) {
    super();
    this.triggers = context.home.triggers.filter(
      ({ code, day }) => rule.triggers.includes(code) && day >= context.duty.adoption.day,
    );
    this.cleared = -Infinity;
  }

  date(): RuleDate | null {
    const trigger = this.triggers.find(({ day }) => day > this.cleared);
    if (!trigger) return null;
    const { home, duty, start } = this.context;
    const { today } = home;
    const { dutyId, timing } = duty;
    const { code, source, entryId } = trigger;
    const frost = code === 'hard-freeze' && source === 'forecast';
    // A forecast freeze is not waited for: its trigger is the day before it, and that is the last day.
    const respondDays = frost ? 0 : this.rule.respondDays;
    const on = toCivilDate(trigger.day);
    const answered = trigger.day + respondDays;
    const late = frost && answered < today;
    const due = late ? today : answered;
    const day = Math.max(due, start);
    return restartingDate({
      key: `${dutyId}:${entryId ?? `${code}-${on}`}`,
      due,
      start,
      margins: responseMargins(day - Math.min(day, trigger.day), this.rule.respondDays, timing),
      basisDays: this.rule.respondDays,
      explain: (told) => {
        told.push({ kind: 'trigger', trigger: code, source, on, respondDays, due: toCivilDate(answered) });
        if (late) told.push({ kind: 'notBeforeToday', due: toCivilDate(today) });
      },
    });
  }

  /** Nobody knows what will happen. */
  course = () => null;

  remember(): RuleMemory {
    return { kind: 'event', cleared: Number.isFinite(this.cleared) ? this.cleared : null };
  }

  recall(memory: RuleMemory): void {
    this.cleared = memoryOf(memory, 'event').cleared ?? -Infinity;
  }

  sleep = (): Sleep => ({ kind: 'trigger', triggers: this.rule.triggers });

  /** A completion that day or later clears what happened. */
  take(event: RuleEvent, opens: Opens | null): Taken {
    if (event.kind !== 'completion' || event.how === 'looked') return 'extra';
    const answered = this.triggers.some(({ day }) => day > this.cleared && day <= event.day);
    this.cleared = Math.max(this.cleared, event.day);
    if (!answered) return 'extra';
    return opens === null ? 'counts' : 'answers';
  }
}
