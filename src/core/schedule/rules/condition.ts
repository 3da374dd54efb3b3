import { toCivilDate, type DayNumber } from '../../calendar/civilDate.ts';
import type { RuleEvent, Completion, Look } from './dutyEvent.ts';
import type { Reason, Sleep } from '../reason.ts';
import type { ConditionRule } from '../../practice/rule.ts';
import { responseMargins, type Margins } from '../window.ts';
import type { Cause, Course, Happening } from './course.ts';
import { restartingDate } from './restarting.ts';
import type { RuleDate } from './ruleDate.ts';
import { memoryOf, type RuleMemory } from './ruleMemory.ts';
import type { NextDate, Opens, RuleContext, RuleState, Taken } from './ruleState.ts';

/** Looks by an inner rule, and the work once a look calls for it. */
export class ConditionState implements RuleState {
  private called: Look | null = null;
  /** The look that was last asked for, and the date of the inner rule it is. */
  private asked: { readonly of: RuleDate; readonly look: RuleDate } | null = null;

  constructor(
    private readonly rule: ConditionRule,
    private readonly context: RuleContext,
    private readonly looks: RuleState,
  ) {}

  date(): RuleDate | null {
    if (!this.called) {
      const of = this.looks.date();
      if (of && this.asked?.of !== of) this.asked = { of, look: asLook(of) };
      return of && this.asked && this.asked.look;
    }
    const { entryId, day, value, measure } = this.called;
    const { respondDays } = this.rule;
    const due = day + respondDays;
    const { start } = this.context;
    const called: Reason = {
      kind: 'called',
      what: measure ?? this.called.finding ?? '',
      value: measure === null ? null : value,
      on: toCivilDate(day),
      respondDays,
      due: toCivilDate(due),
    };
    return restartingDate({
      key: `${this.context.duty.dutyId}:${entryId}`,
      due,
      start,
      margins: responseMargins(Math.max(due, start) - day, respondDays, this.context.duty.timing),
      basisDays: respondDays,
      explain: (told) => {
        told.push(called);
      },
    });
  }

  sleep = (): Sleep | null => this.looks.sleep();

  next(end: DayNumber): NextDate | null {
    return this.called ? null : this.looks.next(end);
  }

  take(event: RuleEvent, opens: Opens | null): Taken {
    switch (event.kind) {
      case 'renewal':
        // Findings on the old unit are not the new one's.
        if (event.how === 'replaced') this.called = null;
        return this.looks.take(event, opens);
      case 'completion':
        return event.how === 'looked' ? this.looks.take(event, opens) : this.takeWork(event, opens);
      case 'look':
        return this.isLook(event) ? this.takeLook(event, opens) : 'counts';
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

  remember(): RuleMemory {
    return { kind: 'condition', called: this.called, looks: this.looks.remember() };
  }

  recall(memory: RuleMemory): void {
    const { called, looks } = memoryOf(memory, 'condition');
    this.called = called;
    this.looks.recall(looks);
  }

  forget(): void {
    this.looks.forget();
  }

  course(): Course | null {
    const looks = this.called ? null : this.looks.course();
    return looks && new ConditionCourse(looks);
  }

  /** The work answers what called for it and restarts looks that restart; a listed look is answered by looks alone. */
  private takeWork(event: Completion, opens: Opens | null): Taken {
    const wasCalled = this.called !== null;
    this.called = null;
    const taken = this.looks.take(event, opens && NEVER_OPEN);
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

const asLook = (date: RuleDate): RuleDate => ({ ...date, asks: 'look' });

const NEVER_OPEN: Opens = () => Infinity;

const asCompletion = ({ entryId, day }: Look): Completion => ({
  kind: 'completion',
  entryId,
  day,
  how: 'looked',
  occurrence: null,
});

/** As what a rule for looks is told of something. */
const INSIDE: Readonly<Record<Happening, Happening>> = {
  done: 'workOnly',
  workOnly: 'workOnly',
  look: 'looked',
  looked: 'looked',
};

/** Looks that find nothing, one after the other. */
class ConditionCourse implements Course {
  readonly asks = 'look';

  constructor(private readonly looks: Course) {}

  get due(): DayNumber {
    return this.looks.due;
  }

  get margins(): Margins {
    return this.looks.margins;
  }

  get asksAge(): boolean {
    return this.looks.asksAge;
  }

  get plain(): boolean {
    return this.looks.plain;
  }

  get cause(): Cause {
    return this.looks.cause;
  }

  step(day: DayNumber, what: Happening, named: boolean): void {
    this.looks.step(day, INSIDE[what], named);
  }

  dateOf(cause: Cause): RuleDate | null {
    const date = this.looks.dateOf(cause);
    return date && asLook(date);
  }
}
