import { toCivilDate, type DayNumber } from '../../calendar/civilDate.ts';
import type { ListedDay, Listing } from './listing.ts';
import type { RuleEvent } from './dutyEvent.ts';
import type { Sleep } from '../reason.ts';
import type { CalendarRule } from '../../practice/rule.ts';
import { marginsOf, owedMargins } from '../window.ts';
import { worthOf } from './worthUntil.ts';
import { asNumber, type Cause, type Course, type Happening, NO_MARGINS } from './course.ts';
import type { RuleDate } from './ruleDate.ts';
import { memoryOf, type RuleMemory } from './ruleMemory.ts';
import type { NextDate, Opens, RuleContext, RuleState, Taken } from './ruleState.ts';

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
export class ListedState implements RuleState {
  /** Owed are the listed dates from this day on. */
  private from: DayNumber;
  private owed: Owed | null = null;
  private readonly paused: Paused[] = [];
  private readonly listing: Listing;
  private readonly known = new Map<DayNumber, RuleDate>();

  constructor(
    private readonly rule: CalendarRule,
    private readonly context: RuleContext,
  ) {
    this.from = this.begins;
    this.listing = context.home.listingOf(rule);
  }

  date(): RuleDate | null {
    return this.owedNow() ?? this.listedDate(this.from);
  }

  sleep(): Sleep | null {
    if (this.date()) return null;
    const { rule } = this;
    if (rule.worthUntil && this.listing.onOrAfter(this.from)) return { kind: 'tooLate', by: rule.worthUntil };
    if (rule.kind !== 'season') return { kind: 'ended' };
    const { anchor, risk } = rule;
    const { basis } = this.context.home.seasons.date(anchor, risk ?? 10);
    const known = basis === 'set' || basis === 'unknown' ? basis : 'none';
    return { kind: 'season', anchor, risk: risk ?? null, basis: known };
  }

  next(end: DayNumber): NextDate | null {
    const current = this.date();
    if (!current) return null;
    const after = this.listedDate(current.owed ? this.from : current.day + 1);
    const date = after && after.day < end ? after : null;
    const opens = date ? this.context.sight.opens(date) : Infinity;
    const stale = this.context.sight.expires(current) + 1;
    if (!date && !Number.isFinite(stale)) return null;
    return {
      on: Math.min(opens, stale),
      pass: () => {
        this.passed(current);
      },
    };
  }

  take(event: RuleEvent, opens: Opens | null): Taken {
    const current = this.date();
    if (event.kind !== 'completion' || opens === null || !current) return 'extra';
    if (this.owed && current.owed === 'caughtUp' && event.day < this.context.duty.adoption.day) {
      if (event.day < opens(this.ruleDate(this.owed.listed))) return 'extra';
      // It was done in time before the adoption: there is nothing to catch up.
      this.owed = null;
      return 'counts';
    }
    if (event.day < opens(current)) return 'extra';
    this.passed(current);
    return 'answers';
  }

  adopt(): void {
    const { duty, start, sight } = this.context;
    const { adoption } = duty;
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
    const { duty, start, sight } = this.context;
    const { adoption } = duty;
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

  remember(): RuleMemory {
    const { from, owed, paused } = this;
    return { kind: 'listed', from, owed: owed && { ...owed, listed: owed.listed.day }, paused: [...paused] };
  }

  recall(memory: RuleMemory): void {
    const { from, owed, paused } = memoryOf(memory, 'listed');
    const listed = owed && this.listing.onOrAfter(owed.listed);
    this.from = from;
    this.owed = owed && listed && { ...owed, listed };
    this.paused.splice(0, Infinity, ...paused);
  }

  forget = () => undefined;

  course(): Course | null {
    return this.owed ? null : new ListedCourse(this);
  }

  /** Its first listed date from a day on that fell in no pause and does not open too late. */
  listedDate(from: DayNumber): RuleDate | null {
    let day = from;
    for (let round = 0; round < MOST_PASSED_OVER; round += 1) {
      const listed = this.listing.onOrAfter(day);
      if (!listed) return null;
      const pause = this.paused.find((each) => listed.day >= each.from && listed.day < each.to);
      const date = this.ruleDate(listed);
      if (!pause && !this.context.sight.passesOver(date)) return date;
      day = pause?.to ?? listed.day + 1;
    }
    return null;
  }

  /** Whether its windows are their margins and no more. */
  get isPlain(): boolean {
    return this.rule.worthUntil === undefined;
  }

  private get begins(): DayNumber {
    return Math.max(this.context.start, this.context.duty.adoption.day);
  }

  /** Work done early, before the thing was opened on a day, is owed again on its listed date. */
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

  /** The date owed late, unless a gate moved it to where it makes no sense any more. */
  private owedNow(): RuleDate | null {
    const date = this.owed && this.owedDate(this.owed);
    return date && !this.context.sight.passesOver(date) ? date : null;
  }

  private isWorth(listed: ListedDay, on: DayNumber): boolean {
    const { worth } = this.ruleDate(listed);
    return worth !== null && worth.until >= on;
  }

  /** Whether the window of the first listed date from a day on is open that day. */
  private opensBy(day: DayNumber, opens: Opens): boolean {
    const next = this.listedDate(day);
    return next !== null && opens(next) <= day;
  }

  private keyOf = ({ day }: ListedDay): string => `${this.context.duty.dutyId}:${toCivilDate(day)}`;

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
      margins: marginsOf({ kind: 'calendar', ...gaps }, this.context.duty.timing),
      basisDays: null,
      baseline: false,
      clock: 'listed',
      asks: 'work',
      before: listed.freeze ?? null,
      risk: (rule.kind === 'season' && rule.risk) || 10,
      worth: worthOf(rule.worthUntil, day, this.context.home.seasons),
      owed: null,
      explain: (told) => {
        told.push(reason);
      },
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
      margins: owedMargins(how, date.margins, this.context.duty.timing),
      explain: (told) => {
        date.explain(told);
        told.push(how === 'caughtUp' ? { kind: how, ...said } : { kind: how, on: toCivilDate(day), ...said });
      },
      baseline: how === 'caughtUp',
      owed: how,
    };
  }
}

/** One listed date after the other. One never done ends when the window of the next opens, or when it makes no sense any more. */
class ListedCourse implements Course {
  due: DayNumber = Infinity;
  margins = NO_MARGINS;
  readonly asks = 'work';
  readonly asksAge = false;
  private date: RuleDate | null;

  constructor(private readonly state: ListedState) {
    this.date = state.date();
    this.become(this.date);
  }

  get plain(): boolean {
    return this.state.isPlain;
  }

  /** A listed date rests on itself. */
  get cause(): Cause {
    return this.due;
  }

  step(day: DayNumber, what: Happening, named: boolean): void {
    const outstanding = this.date;
    if (day !== this.due) this.passUpTo(day);
    if (!this.date || (what !== 'done' && what !== 'looked')) return;
    const isOpen = day >= this.due - this.margins.early || (named && this.date === outstanding);
    if (isOpen) this.pass(this.date);
  }

  dateOf(cause: Cause): RuleDate | null {
    const day = asNumber(cause);
    return Number.isFinite(day) ? this.state.listedDate(day) : null;
  }

  private passUpTo(day: DayNumber): void {
    while (this.date) {
      const next = this.state.listedDate(this.date.day + 1);
      const opens = next ? next.day - next.margins.early : Infinity;
      if (Math.min(opens, (this.date.worth?.until ?? Infinity) + 1) > day) return;
      this.pass(this.date);
    }
  }

  private pass({ day }: RuleDate): void {
    this.become(this.state.listedDate(day + 1));
  }

  private become(date: RuleDate | null): void {
    this.date = date;
    this.due = date?.day ?? Infinity;
    this.margins = date?.margins ?? NO_MARGINS;
  }
}
