import type { DayNumber } from '../../calendar/civilDate.ts';
import type { ClockMark } from '../mark.ts';
import type { Sleep } from '../reason.ts';
import type { Clock, NextDate, Opens, RuleDate } from './clock.ts';

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

  next(opens: Opens): NextDate | null {
    const next = this.clock.next(opens);
    if (!next) return null;
    return {
      date: next.date,
      pass: () => {
        this.known = null;
        next.pass();
      },
    };
  }

  take(mark: ClockMark, opens: Opens | null): boolean {
    this.known = null;
    return this.clock.take(mark, opens);
  }

  drop(from: DayNumber, to: DayNumber): void {
    this.known = null;
    this.clock.drop(from, to);
  }
}
