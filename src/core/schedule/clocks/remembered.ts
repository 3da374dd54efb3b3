import type { DayNumber } from '../../calendar/civilDate.ts';
import type { ClockMark } from '../mark.ts';
import type { Sleep } from '../reason.ts';
import type { Clock, NextDate, Opens, RuleDate, Taken } from './clock.ts';

/** A clock whose date is worked out once and again only after something moved it: it is asked for many times between. */
export class Remembered implements Clock {
  private known: { readonly date: RuleDate | null } | null = null;

  constructor(private readonly clock: Clock) {}

  date(): RuleDate | null {
    this.known ??= { date: this.clock.date() };
    return this.known.date;
  }

  sleep(): Sleep | null {
    return this.clock.sleep();
  }

  next(end: DayNumber): NextDate | null {
    const next = this.clock.next(end);
    if (!next) return null;
    return {
      ...next,
      pass: () => {
        next.pass();
        this.known = null;
      },
    };
  }

  take(mark: ClockMark, opens: Opens | null): Taken {
    this.known = null;
    return this.clock.take(mark, opens);
  }

  adopt(): void {
    this.clock.adopt();
    this.known = null;
  }

  dropBefore(day: DayNumber): void {
    this.known = null;
    this.clock.dropBefore(day);
  }

  pause(from: DayNumber, to: DayNumber): void {
    this.clock.pause(from, to);
    this.known = null;
  }

  reopen(day: DayNumber): readonly string[] {
    const keys = this.clock.reopen(day);
    this.known = null;
    return keys;
  }

  listedFrom(day: DayNumber): DayNumber | null {
    return this.clock.listedFrom(day);
  }

  listedUpTo(day: DayNumber): DayNumber | null {
    return this.clock.listedUpTo(day);
  }

  forget(): void {
    this.known = null;
    this.clock.forget();
  }
}
