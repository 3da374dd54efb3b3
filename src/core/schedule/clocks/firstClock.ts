import { isPastLastDay, toCivilDate, type DayNumber } from '../../calendar/civilDate.ts';
import type { ClockMark } from '../mark.ts';
import type { Reason, Sleep } from '../reason.ts';
import type { FirstRule } from '../../practice/rule.ts';
import type { Clock, NextDate, Opens, RuleDate, Taken } from './clock.ts';

/** Whichever of its parts comes first; ties go to the first listed. The others' dates are lesser reasons. */
export class FirstClock implements Clock {
  constructor(
    private readonly rule: FirstRule,
    private readonly parts: readonly Clock[],
  ) {}

  date(): RuleDate | null {
    const dates = this.parts.map((part) => part.date());
    const lead = leading(dates);
    const date = dates[lead];
    if (!date) return null;
    const lesser = dates.flatMap((other, index): Reason[] => {
      const rule = this.rule.of[index];
      return other && rule && index !== lead && !isPastLastDay(other.day)
        ? [{ kind: 'lesser', rule: rule.kind, due: toCivilDate(other.day) }]
        : [];
    });
    return { ...date, reasons: [...date.reasons, ...lesser] };
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
  take(mark: ClockMark, opens: Opens | null): Taken {
    const before = this.date();
    const taken = this.parts.map((part) => part.take(mark, opens));
    if (taken.every((each) => each === 'extra')) return 'extra';
    // What answers another part only leaves the one that leads as it stood.
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

  forget(): void {
    for (const part of this.parts) part.forget();
  }
}

/** The place of the earliest date; -1 where there is none. */
function leading(dates: readonly (RuleDate | null)[]): number {
  return dates.reduce((lead, date, index) => {
    const best = dates[lead];
    return date && (!best || date.day < best.day) ? index : lead;
  }, -1);
}

/** The first or last of some days; null where there is none. */
function bestOf(
  pick: (...days: DayNumber[]) => DayNumber,
  days: readonly (DayNumber | null)[],
): DayNumber | null {
  const known = days.filter((day) => day !== null);
  return known.length === 0 ? null : pick(...known);
}
