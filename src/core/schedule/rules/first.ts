import { isPastLastDay, toCivilDate, type DayNumber } from '../../calendar/civilDate.ts';
import type { RuleEvent } from './dutyEvent.ts';
import type { Reason, Sleep } from '../reason.ts';
import type { FirstRule } from '../../practice/rule.ts';
import { AT_FIRST, type Cause, type Course, type Happening } from './course.ts';
import type { RuleDate } from './ruleDate.ts';
import { memoryOf, type RuleMemory } from './ruleMemory.ts';
import type { NextDate, Opens, RuleState, Taken } from './ruleState.ts';
import type { Margins } from '../window.ts';

/** Whichever of its parts comes first; ties go to the first listed. The others' dates are lesser reasons. */
export class FirstState implements RuleState {
  constructor(
    private readonly rule: FirstRule,
    private readonly parts: readonly RuleState[],
  ) {}

  date(): RuleDate | null {
    return this.leading(this.parts.map((part) => part.date()));
  }

  /** The earliest of the dates of its parts, the others as lesser reasons. */
  leading(dates: readonly (RuleDate | null)[]): RuleDate | null {
    const lead = leadOf(dates.map((date) => date?.day ?? Infinity));
    const date = dates[lead];
    if (!date) return null;
    return {
      ...date,
      explain: (told) => {
        date.explain(told);
        told.push(...this.lesser(dates, lead));
      },
    };
  }

  course(): Course | null {
    const parts = this.parts.map((part) => part.course());
    return parts.every((part) => part !== null) ? new FirstCourse(this, parts) : null;
  }

  private lesser(dates: readonly (RuleDate | null)[], lead: number): Reason[] {
    return dates.flatMap((other, index): Reason[] => {
      const rule = this.rule.of[index];
      return other && rule && index !== lead && !isPastLastDay(other.day)
        ? [{ kind: 'lesser', rule: rule.kind, due: toCivilDate(other.day) }]
        : [];
    });
  }

  sleep(): Sleep | null {
    return this.parts.map((part) => part.sleep()).find((sleep) => sleep !== null) ?? null;
  }

  /** The part that is passed first. */
  next(end: DayNumber): NextDate | null {
    let first: NextDate | null = null;
    for (const part of this.parts) {
      const next = part.next(end);
      if (next && (!first || next.on < first.on)) first = next;
    }
    return first;
  }

  /** Every part sees what happened; it is an extra only if it is one for all. */
  take(event: RuleEvent, opens: Opens | null): Taken {
    const before = this.date();
    const taken = this.parts.map((part) => part.take(event, opens));
    if (taken.every((each) => each === 'extra')) return 'extra';
    // An answer to another part only leaves the leading one as it was.
    return taken.includes('answers') && this.date()?.key !== before?.key ? 'answers' : 'counts';
  }

  adopt(): void {
    for (const part of this.parts) part.adopt();
  }

  dropBefore(day: DayNumber): void {
    for (const part of this.parts) part.dropBefore(day);
  }

  pause(from: DayNumber, to: DayNumber): void {
    for (const part of this.parts) part.pause(from, to);
  }

  reopen(day: DayNumber): readonly string[] {
    return this.parts.flatMap((part) => part.reopen(day));
  }

  listedFrom(day: DayNumber): DayNumber | null {
    return bestOf(
      Math.min,
      this.parts.map((part) => part.listedFrom(day)),
    );
  }

  listedUpTo(day: DayNumber): DayNumber | null {
    return bestOf(
      Math.max,
      this.parts.map((part) => part.listedUpTo(day)),
    );
  }

  remember(): RuleMemory {
    return { kind: 'first', parts: this.parts.map((part) => part.remember()) };
  }

  recall(memory: RuleMemory): void {
    const { parts } = memoryOf(memory, 'first');
    this.parts.forEach((part, index) => {
      const own = parts[index];
      if (own) part.recall(own);
    });
  }

  forget(): void {
    for (const part of this.parts) part.forget();
  }
}

/** The place of the earliest of some days, the first listed of equal ones. */
function leadOf(days: readonly DayNumber[]): number {
  let lead = 0;
  for (let index = 1; index < days.length; index += 1)
    if ((days[index] ?? Infinity) < (days[lead] ?? Infinity)) lead = index;
  return lead;
}

/** All parts side by side; what happens is told to each. */
class FirstCourse implements Course {
  private lead: Course;

  constructor(
    private readonly state: FirstState,
    private readonly parts: readonly Course[],
  ) {
    this.lead = this.findLead();
  }

  get due(): DayNumber {
    return this.lead.due;
  }

  get margins(): Margins {
    return this.lead.margins;
  }

  get asks(): 'work' | 'look' {
    return this.lead.asks;
  }

  get asksAge(): boolean {
    return this.lead.asksAge;
  }

  get plain(): boolean {
    return this.parts.every((part) => part.plain);
  }

  get cause(): Cause {
    return this.parts.map((part) => part.cause);
  }

  step(day: DayNumber, what: Happening, named: boolean): void {
    for (const part of this.parts) part.step(day, what, named && part === this.lead);
    this.lead = this.findLead();
  }

  dateOf(cause: Cause): RuleDate | null {
    if (typeof cause === 'number') throw new Error('the cause of several rules is one for each');
    return this.state.leading(this.parts.map((part, index) => part.dateOf(cause[index] ?? AT_FIRST)));
  }

  private findLead(): Course {
    let [lead] = this.parts;
    for (const part of this.parts) if (!lead || part.due < lead.due) lead = part;
    if (!lead) throw new Error('a rule of several has at least two');
    return lead;
  }
}

/** The first or last of some days; null where there is none. */
function bestOf(
  pick: (...days: DayNumber[]) => DayNumber,
  days: readonly (DayNumber | null)[],
): DayNumber | null {
  const known = days.filter((day) => day !== null);
  return known.length === 0 ? null : pick(...known);
}
