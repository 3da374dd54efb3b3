import type { DayNumber } from '../../calendar/civilDate.ts';
import { listingOf, type ListedDay, type Listing } from '../listing.ts';
import type { ClockMark } from '../mark.ts';
import type { Sleep } from '../reason.ts';
import type { CalendarRule } from '../rule.ts';
import { marginsOf } from '../window.ts';
import { toCivilDate } from '../../calendar/civilDate.ts';
import type { Clock, ClockContext, NextDate, Opens, RuleDate } from './clock.ts';

/** Dates of the calendar, the clock changes or the seasons: owed whatever day the last one was really done. */
export class ListedClock implements Clock {
  private from: DayNumber;
  private readonly listing: Listing;
  private readonly known = new Map<DayNumber, RuleDate>();

  constructor(
    private readonly rule: CalendarRule,
    private readonly context: ClockContext,
  ) {
    this.from = Math.max(context.start, context.adoption.day);
    this.listing = listingOf(rule, context.place, context.seasons);
  }

  date(): RuleDate | null {
    const listed = this.listing.onOrAfter(this.from);
    return listed && this.ruleDate(listed);
  }

  sleep(): Sleep | null {
    if (this.date()) return null;
    if (this.rule.kind !== 'season') return { kind: 'ended' };
    const { anchor, risk } = this.rule;
    const { basis } = this.context.seasons.date(anchor, risk ?? 10);
    const known = basis === 'set' || basis === 'unknown' ? basis : 'none';
    return { kind: 'season', anchor, risk: risk ?? null, basis: known };
  }

  next(): NextDate | null {
    const current = this.date();
    const after = current && this.listing.onOrAfter(current.day + 1);
    if (!after) return null;
    return {
      date: this.ruleDate(after),
      pass: () => {
        this.from = after.day;
      },
    };
  }

  take(mark: ClockMark, opens: Opens | null): boolean {
    const current = this.date();
    if (mark.kind !== 'completion' || opens === null || !current || mark.day < opens(current)) return false;
    this.from = current.day + 1;
    return true;
  }

  drop(from: DayNumber, to: DayNumber): void {
    const current = this.date();
    if (current && current.day >= from && current.day < to) this.from = to;
  }

  private ruleDate(listed: ListedDay): RuleDate {
    const known = this.known.get(listed.day);
    if (known) return known;
    const { day, reason } = listed;
    const before = this.listing.before(day);
    const after = this.listing.onOrAfter(day + 1);
    const gaps = { gapBefore: before && day - before.day, gapAfter: after && after.day - day };
    const date: RuleDate = {
      key: `${this.context.dutyId}:${toCivilDate(day)}`,
      day,
      margins: marginsOf({ kind: 'calendar', ...gaps }, this.context.timing),
      basisDays: null,
      reasons: [reason],
      baseline: false,
      clock: 'listed',
      asks: 'work',
      before: listed.freeze ?? null,
    };
    this.known.set(day, date);
    return date;
  }
}
