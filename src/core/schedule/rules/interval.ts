import { toCivilDate, type DayNumber } from '../../calendar/civilDate.ts';
import type { IntervalRule } from '../../practice/rule.ts';
import type { Reason } from '../reason.ts';
import { marginsOf, windowReason, type Margins, type Window } from '../window.ts';
import {
  asNumber,
  AT_FIRST,
  restartedOn,
  restartOf,
  wasLook,
  type Cause,
  type Course,
  type Happening,
  occurrenceOf,
} from './course.ts';
import type { Completion, RuleEvent } from './dutyEvent.ts';
import { restartingDate } from './restarting.ts';
import type { RuleDate } from './ruleDate.ts';
import { memoryOf, type RuleMemory } from './ruleMemory.ts';
import type { Occurrence } from '../occurrence.ts';
import type { Opens, RuleContext, Taken } from './ruleState.ts';
import {
  intervalDay,
  intervalReason,
  lastDoneReason,
  scaleInterval,
  tellInterval,
  type ScaledInterval,
} from './scaledInterval.ts';
import { Unlisted } from './unlisted.ts';

/** The event an interval counts from. */
type Last = Pick<Completion, 'entryId' | 'day' | 'how'>;

/** Every so often after it was last done. */
export class IntervalState extends Unlisted {
  private last: Last | null = null;
  readonly scaled: ScaledInterval;
  readonly margins: Margins;

  constructor(
    readonly rule: IntervalRule,
    private readonly context: RuleContext,
  ) {
    super();
    this.scaled = scaleInterval(rule, context.factors);
    this.margins = marginsOf({ kind: 'interval', days: this.scaled.basisDays }, context.duty.timing);
  }

  date(): RuleDate {
    return this.dateAfter(this.last);
  }

  /** The date that follows what it was last done by; without one it was never done. */
  dateAfter(last: Last | null): RuleDate {
    const { duty, start } = this.context;
    const due = last ? intervalDay(this.rule, this.scaled, last.day) : duty.adoption.day;
    return restartingDate({
      key: this.keyOf(last?.entryId ?? duty.adoption.entryId),
      due,
      start,
      margins: this.margins,
      basisDays: this.scaled.basisDays,
      baseline: last === null,
      explain: (told) => {
        this.tell(last, told);
      },
    });
  }

  sleep = () => null;

  take(event: RuleEvent, opens: Opens | null): Taken {
    if (event.kind !== 'completion') return 'extra';
    this.last = event;
    return opens === null ? 'counts' : 'answers';
  }

  course(): Course {
    return new IntervalCourse(this);
  }

  remember(): RuleMemory {
    const { last } = this;
    return {
      kind: 'interval',
      last: last && { entryId: last.entryId, day: last.day, how: last.how },
    };
  }

  recall(memory: RuleMemory): void {
    this.last = memoryOf(memory, 'interval').last;
  }

  /** The steps from the day it was last done to a window that is its margins and no more. */
  reasonsOf(day: DayNumber, how: Last['how'], window: Window): Reason[] {
    const { margins, scaled, rule } = this;
    const last = windowReason(scaled.basisDays, margins, window);
    // A year holds thousands of these: a list made whole has no room to spare.
    if (scaled.days === null) return [lastDoneReason(day, how), intervalReason(rule, day), last];
    const told: Reason[] = [];
    tellInterval(rule, this.context.factors, scaled, { day, how }, told);
    told.push(last);
    return told;
  }

  keyOf = (startedBy: string): string => `${this.context.duty.dutyId}:${startedBy}`;

  private tell(last: Last | null, told: Reason[]): void {
    if (last) tellInterval(this.rule, this.context.factors, this.scaled, last, told);
    else told.push({ kind: 'noRecord', due: toCivilDate(this.context.duty.adoption.day) });
  }
}

class IntervalCourse implements Course {
  due: DayNumber;
  cause: Cause = AT_FIRST;
  readonly margins: Margins;
  readonly asks = 'work';
  readonly asksAge = false;
  readonly plain = true;
  private readonly first: RuleDate;

  constructor(private readonly state: IntervalState) {
    this.first = state.date();
    this.due = this.first.day;
    this.margins = state.margins;
  }

  step(day: DayNumber, what: Happening): void {
    if (what === 'look') return;
    this.cause = restartedOn(day, what);
    this.due = intervalDay(this.state.rule, this.state.scaled, day);
  }

  tell(cause: Cause, window: Window): Occurrence {
    if (cause === AT_FIRST) return occurrenceOf(this.first, window);
    const day = restartOf(asNumber(cause));
    const how = wasLook(asNumber(cause)) ? 'looked' : 'done';
    const key = this.state.keyOf(toCivilDate(day));
    const reasons = this.state.reasonsOf(day, how, window);
    return { key, window, reasons, baseline: false, asks: 'work', bookBy: null, orderBy: null };
  }

  dateOf(cause: Cause): RuleDate {
    if (cause === AT_FIRST) return this.first;
    const day = restartOf(asNumber(cause));
    return this.state.dateAfter({
      entryId: toCivilDate(day),
      day,
      how: wasLook(asNumber(cause)) ? 'looked' : 'done',
    });
  }
}
