import type { DayNumber } from '../../calendar/civilDate.ts';
import type { RuleEvent } from './dutyEvent.ts';
import type { Sleep } from '../reason.ts';
import type { Course } from './course.ts';
import type { RuleDate } from './ruleDate.ts';
import type { RuleMemory } from './ruleMemory.ts';
import type { NextDate, Opens, RuleState, Taken } from './ruleState.ts';

/** A rule whose date is worked out once and again only after something moved it: it is asked for many times between. */
export class Remembered implements RuleState {
  private known: { readonly date: RuleDate | null } | null = null;

  constructor(private readonly state: RuleState) {}

  date(): RuleDate | null {
    this.known ??= { date: this.state.date() };
    return this.known.date;
  }

  sleep(): Sleep | null {
    return this.state.sleep();
  }

  next(end: DayNumber): NextDate | null {
    const next = this.state.next(end);
    if (!next) return null;
    return {
      on: next.on,
      pass: () => {
        next.pass();
        this.known = null;
      },
    };
  }

  take(event: RuleEvent, opens: Opens | null): Taken {
    this.known = null;
    return this.state.take(event, opens);
  }

  adopt(): void {
    this.state.adopt();
    this.known = null;
  }

  dropBefore(day: DayNumber): void {
    this.known = null;
    this.state.dropBefore(day);
  }

  pause(from: DayNumber, to: DayNumber): void {
    this.state.pause(from, to);
    this.known = null;
  }

  reopen(day: DayNumber): readonly string[] {
    const keys = this.state.reopen(day);
    this.known = null;
    return keys;
  }

  listedFrom(day: DayNumber): DayNumber | null {
    return this.state.listedFrom(day);
  }

  listedUpTo(day: DayNumber): DayNumber | null {
    return this.state.listedUpTo(day);
  }

  course(): Course | null {
    return this.state.course();
  }

  remember(): RuleMemory {
    return this.state.remember();
  }

  recall(memory: RuleMemory): void {
    this.state.recall(memory);
    this.known = null;
  }

  forget(): void {
    this.known = null;
    this.state.forget();
  }
}
