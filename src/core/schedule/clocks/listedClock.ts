import { toCivilDate, type DayNumber } from '../../calendar/civilDate.ts';
import { listingOf, type ListedDay, type Listing } from '../listing.ts';
import type { ClockMark } from '../mark.ts';
import type { Sleep } from '../reason.ts';
import type { CalendarRule } from '../../practice/rule.ts';
import { marginsOf, owedMargins } from '../window.ts';
import { worthOf } from '../worthUntil.ts';
import type { Clock, ClockContext, NextDate, Opens, RuleDate, Taken } from './clock.ts';

/** A listed date that is owed from a later day on. */
interface Owed {
  readonly listed: ListedDay;
  readonly day: DayNumber;
  readonly how: 'caughtUp' | 'openedAgain';
}

/** Days in which nothing was to be done; `to` is the first day after them. */
interface Paused {
  readonly from: DayNumber;
  readonly to: DayNumber;
}

/** Where every date would open too late there is none: so many are looked at. */
const MOST_PASSED_OVER = 60;

/** Dates of the calendar, the clock changes or the seasons: owed whatever day the last one was really done. */
export class ListedClock implements Clock {
  /** Owed are the listed dates from this day on. */
  private from: DayNumber;
  private owed: Owed | null = null;
  private readonly paused: Paused[] = [];
  private readonly listing: Listing;
  private readonly known = new Map<DayNumber, RuleDate>();

  constructor(
    private readonly rule: CalendarRule,
    private readonly context: ClockContext,
  ) {
    this.from = this.begins;
    this.listing = listingOf(rule, context.place, context.seasons);
  }

  date(): RuleDate | null {
    return this.owedNow() ?? this.listedNow();
  }

  sleep(): Sleep | null {
    if (this.date()) return null;
    const { rule } = this;
    if (rule.worthUntil && this.listing.onOrAfter(this.from)) return { kind: 'tooLate', by: rule.worthUntil };
    if (rule.kind !== 'season') return { kind: 'ended' };
    const { anchor, risk } = rule;
    const { basis } = this.context.seasons.date(anchor, risk ?? 10);
    const known = basis === 'set' || basis === 'unknown' ? basis : 'none';
    return { kind: 'season', anchor, risk: risk ?? null, basis: known };
  }

  next(end: DayNumber): NextDate | null {
    const current = this.date();
    if (!current) return null;
    const after = this.upcoming(current.owed ? this.from : current.day + 1);
    const date = after && after.day < end ? this.ruleDate(after) : null;
    const opens = date ? this.context.sight.opens(date) : Infinity;
    const stale = this.context.sight.expires(current) + 1;
    if (!date && !Number.isFinite(stale)) return null;
    return {
      date: opens <= stale ? date : null,
      on: Math.min(opens, stale),
      pass: () => {
        this.passed(current);
      },
    };
  }

  take(mark: ClockMark, opens: Opens | null): Taken {
    const current = this.date();
    if (mark.kind !== 'completion' || opens === null || !current) return 'extra';
    if (this.owed && current.owed === 'caughtUp' && mark.day < this.context.adoption.day) {
      if (mark.day < opens(this.ruleDate(this.owed.listed))) return 'extra';
      // It was done in time before the adoption: there is nothing to catch up.
      this.owed = null;
      return 'counts';
    }
    if (mark.day < opens(current)) return 'extra';
    this.passed(current);
    return 'answers';
  }

  adopt(): void {
    const { adoption, start, sight } = this.context;
    if (!this.rule.worthUntil || start > adoption.day) return;
    const listed = this.listing.before(adoption.day);
    if (!listed || !this.isWorth(listed, adoption.day) || this.opensBy(adoption.day, sight.opens)) return;
    this.owed = { listed, day: adoption.day, how: 'caughtUp' };
  }

  dropBefore(day: DayNumber): void {
    if (this.owed && this.owed.listed.day < day) this.owed = null;
    this.from = Math.max(this.from, day);
  }

  pause(from: DayNumber, to: DayNumber): void {
    const current = this.date();
    this.paused.push({ from, to });
    const within = (day: DayNumber): boolean => day >= from && day < to;
    if (current && (within(this.context.sight.expires(current)) || (current.owed && within(current.day))))
      this.passed(current);
  }

  reopen(day: DayNumber): readonly string[] {
    const { start, adoption, sight } = this.context;
    if (!this.rule.worthUntil || start > Math.max(day, adoption.day)) return [];
    this.owed = null;
    const again = [...this.undone(day)];
    const owedFrom = Math.max(day, adoption.day);
    const last = this.listing.before(owedFrom);
    if (!last || !this.isWorth(last, owedFrom) || this.opensBy(owedFrom, sight.opens)) return again;
    // One that fell after the opening, before the adoption, was simply never done.
    const how = last.day < day ? 'openedAgain' : 'caughtUp';
    this.owed = { listed: last, day: owedFrom, how };
    return [...again, this.keyOf(last)];
  }

  listedFrom(day: DayNumber): DayNumber | null {
    return this.listing.onOrAfter(day)?.day ?? null;
  }

  listedUpTo(day: DayNumber): DayNumber | null {
    return this.listing.before(day + 1)?.day ?? null;
  }

  forget = () => undefined;

  private get begins(): DayNumber {
    return Math.max(this.context.start, this.context.adoption.day);
  }

  /** What was done early, before it was opened on a day, is owed again on its listed date. */
  private undone(day: DayNumber): readonly string[] {
    const from = Math.max(this.begins, day);
    if (from >= this.from) return [];
    const listed = this.listing.onOrAfter(from);
    const again = listed !== null && listed.day < this.from ? [this.keyOf(listed)] : [];
    this.from = from;
    return again;
  }

  private passed({ day, owed }: RuleDate): void {
    this.owed = null;
    if (owed === null) this.from = day + 1;
  }

  private listedNow(): RuleDate | null {
    const listed = this.upcoming(this.from);
    return listed && this.ruleDate(listed);
  }

  /** What is owed late, unless a gate moved it to where it makes no sense any more. */
  private owedNow(): RuleDate | null {
    const date = this.owed && this.owedDate(this.owed);
    return date && !this.context.sight.passesOver(date) ? date : null;
  }

  /** The first listed date from a day on that fell in no pause and does not open too late. */
  private upcoming(from: DayNumber): ListedDay | null {
    let day = from;
    for (let round = 0; round < MOST_PASSED_OVER; round += 1) {
      const listed = this.listing.onOrAfter(day);
      if (!listed) return null;
      const pause = this.paused.find((each) => listed.day >= each.from && listed.day < each.to);
      if (!pause && !this.context.sight.passesOver(this.ruleDate(listed))) return listed;
      day = pause?.to ?? listed.day + 1;
    }
    return null;
  }

  private isWorth(listed: ListedDay, on: DayNumber): boolean {
    const { worth } = this.ruleDate(listed);
    return worth !== null && worth.until >= on;
  }

  /** Whether the window of the first listed date from a day on is open that day. */
  private opensBy(day: DayNumber, opens: Opens): boolean {
    const next = this.upcoming(day);
    return next !== null && opens(this.ruleDate(next)) <= day;
  }

  private keyOf = ({ day }: ListedDay): string => `${this.context.dutyId}:${toCivilDate(day)}`;

  private ruleDate(listed: ListedDay): RuleDate {
    const known = this.known.get(listed.day);
    if (known) return known;
    const { day, reason } = listed;
    const before = this.listing.before(day);
    const after = this.listing.onOrAfter(day + 1);
    const gaps = { gapBefore: before && day - before.day, gapAfter: after && after.day - day };
    const { rule } = this;
    const date: RuleDate = {
      key: this.keyOf(listed),
      day,
      margins: marginsOf({ kind: 'calendar', ...gaps }, this.context.timing),
      basisDays: null,
      reasons: [reason],
      baseline: false,
      clock: 'listed',
      asks: 'work',
      before: listed.freeze ?? null,
      risk: (rule.kind === 'season' && rule.risk) || 10,
      worth: worthOf(rule.worthUntil, day, this.context.seasons),
      owed: null,
    };
    this.known.set(day, date);
    return date;
  }

  private owedDate({ listed, day, how }: Owed): RuleDate {
    const date = this.ruleDate(listed);
    const until = date.worth?.until ?? day;
    const said = { listed: toCivilDate(listed.day), worthUntil: toCivilDate(until), due: toCivilDate(day) };
    return {
      ...date,
      day,
      margins: owedMargins(how, date.margins, this.context.timing),
      reasons: [
        ...date.reasons,
        how === 'caughtUp' ? { kind: how, ...said } : { kind: how, on: toCivilDate(day), ...said },
      ],
      baseline: how === 'caughtUp',
      owed: how,
    };
  }
}
