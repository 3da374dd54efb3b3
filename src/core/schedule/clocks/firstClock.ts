import { isPastLastDay, toCivilDate, type DayNumber } from '../../calendar/civilDate.ts';
import type { ClockMark } from '../mark.ts';
import type { Reason, Sleep } from '../reason.ts';
import type { FirstRule } from '../rule.ts';
import type { Clock, NextDate, Opens, RuleDate } from './clock.ts';

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

  /** The part whose next date opens first. */
  next(opens: Opens): NextDate | null {
    let first: NextDate | null = null;
    this.parts.forEach((part) => {
      const next = part.next(opens);
      if (!next || (first && opens(first.date) <= opens(next.date))) return;
      first = next;
    });
    return first;
  }

  take(mark: ClockMark, opens: Opens | null): boolean {
    const before = this.date();
    const taken = this.parts.map((part) => part.take(mark, opens)).some(Boolean);
    // What answers another part only leaves the one that leads as it stood.
    return taken && this.date()?.key !== before?.key;
  }

  drop(from: DayNumber, to: DayNumber): void {
    this.parts.forEach((part) => {
      part.drop(from, to);
    });
  }
}

/** The place of the earliest date; -1 where there is none. */
function leading(dates: readonly (RuleDate | null)[]): number {
  return dates.reduce((lead, date, index) => {
    const best = dates[lead];
    return date && (!best || date.day < best.day) ? index : lead;
  }, -1);
}
