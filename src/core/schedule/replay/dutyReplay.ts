import { toCivilDate, type DayNumber } from '../../calendar/civilDate.ts';
import { OUTLOOK_DAYS } from '../../climate/simulatedStation.ts';
import { goesByAge, listsDates, takesEarliest, type Rule } from '../../practice/rule.ts';
import type { Reason, Sleep } from '../reason.ts';
import type { Course } from '../rules/course.ts';
import type { Completion, DutyEvent, PuttingOff, RuleEvent } from '../rules/dutyEvent.ts';
import type { RuleDate } from '../rules/ruleDate.ts';
import type { Opens, RuleState, Sight, Taken } from '../rules/ruleState.ts';
import type { DutyMemory } from './dutyMemory.ts';
import { nothingRemembered, recallState, rememberState, type DutyState } from './dutyState.ts';
import { gateTurns } from './gates.ts';
import type { DutyHistory, TermsSegment } from './history.ts';
import { OutstandingDates, type Outstanding } from './outstandingDates.ts';
import type { PlaceContext, Placed } from './place.ts';
import { MOST_PULLED } from './pull.ts';
import type { Days, Margins } from '../window.ts';

/** How far a completion may come before the window of the duty itself, because weather or a companion opened it. */
export type OpenedEarly = (placed: Placed) => DayNumber;

/** Replays one duty: takes in what happened, in order of days, and tells what is outstanding. */
export class DutyReplay {
  private readonly state: DutyState = nothingRemembered();
  private readonly dates: OutstandingDates;
  private readonly rules: readonly RuleState[];
  private readonly segments: readonly TermsSegment[];
  /** Days, in order, on which what its gates hang on changed. */
  private readonly gateTurns: readonly DayNumber[];

  constructor(
    readonly history: DutyHistory,
    ruleStateOf: (segment: TermsSegment, sight: Sight) => RuleState,
    facts: Pick<PlaceContext, 'seasons' | 'gateFacts'>,
  ) {
    this.segments = history.segments;
    this.gateTurns = gateTurns(history.timing.gates ?? [], facts.gateFacts);
    this.dates = new OutstandingDates(history, this.state, ruleStateOf, facts);
    this.rules = this.dates.rules;
    if (history.memory) this.recall(history.memory);
    else this.adopt(history.adoption.day);
  }

  /** Its memory, from which its replay can go on. */
  remember(): DutyMemory {
    return { ...rememberState(this.state), rules: this.rules.map((rule) => rule.remember()) };
  }

  get missed() {
    return this.state.missed;
  }

  get extras() {
    return this.state.extras;
  }

  get satisfied() {
    return this.state.satisfied;
  }

  /** The outstanding date with its window, or null where there is none. */
  get placed(): Placed | null {
    if (!this.exists) return null;
    const current = this.dates.current();
    return current && this.dates.place(current.date);
  }

  /** Why nothing is. */
  get sleep(): Sleep | null {
    const { pausedSince, hiddenSince, segment } = this.state;
    if (pausedSince !== null) return { kind: 'paused', since: toCivilDate(pausedSince) };
    const { pair } = this.history.timing;
    if (hiddenSince !== null && pair) {
      const standing = pair.half === 'closes' ? 'closed' : 'open';
      return { kind: 'state', state: pair.state, standing, since: toCivilDate(hiddenSince) };
    }
    const current = this.dates.current();
    if (!current) return this.rules.at(segment)?.sleep() ?? { kind: 'ended' };
    const found = this.dates.find(current.date);
    const { worth } = current.date;
    if ('tooLate' in found) return worth && { kind: 'tooLate', by: worth.by };
    if (!('never' in found)) return null;
    return found.never === 'beyond' ? { kind: 'beyond' } : { kind: 'gate', gate: found.never };
  }

  get paused(): DayNumber | null {
    return this.state.pausedSince;
  }

  /** The rule of its last terms: no later ones are known. */
  get lastRule(): Rule | null {
    return this.segments.at(-1)?.terms.rule ?? null;
  }

  /** Whether, by its last terms, a trade does it. */
  get isHired(): boolean {
    return this.segments.at(-1)?.terms.doer === 'trade';
  }

  /** Whether, by its last terms, the age of the thing decides. */
  get isByAge(): boolean {
    return this.lastRule !== null && goesByAge(this.lastRule);
  }

  /** Whether, by any of its terms, the age of the thing may have to be read off first. */
  get mayAskAge(): boolean {
    return this.segments.some(({ terms }) => goesByAge(terms.rule));
  }

  /** Whether something in the house or the year keeps it from being done at times. */
  get isGated(): boolean {
    return (this.history.timing.gates ?? []).length > 0;
  }

  /** The first later day on which this duty's own answer changes by itself: when the next date's window opens. */
  changesOn(): DayNumber | null {
    const next = this.exists ? this.dates.following() : null;
    return next && Number.isFinite(next.on) ? next.on : null;
  }

  /** The first listed date of its present terms from a day on, and the last one up to it, whatever was done of them. */
  listedAround(day: DayNumber): { readonly next: DayNumber | null; readonly last: DayNumber | null } {
    const rule = this.rules[this.dates.segmentOn(day)];
    return { next: rule?.listedFrom(day) ?? null, last: rule?.listedUpTo(day) ?? null };
  }

  /**
   * How it goes on from today if all that falls due is done; null where what moves its dates (the other half of a pair, forecast frost, a
   * gate on listed dates, a date put off) must be asked of each date as it comes.
   */
  course(today: DayNumber): Course | null {
    const { timing } = this.history;
    const { segment, suffix, pausedSince } = this.state;
    if (segment !== this.segments.length - 1 || suffix !== '' || timing.pair || pausedSince !== null)
      return null;
    const lists = this.lastRule !== null && listsDates(this.lastRule);
    if (lists && (this.isGated || this.isPutOffAhead)) return null;
    const course = this.rules.at(-1)?.course() ?? null;
    const isForetold = timing.freezeGuard && (course?.due ?? 0) <= today + MOST_PULLED + OUTLOOK_DAYS;
    return isForetold ? null : course;
  }

  /** The window of a date of its course, its steps added to `told` where they are wanted; null where it never opens. */
  placedOf(date: RuleDate | null, told: Reason[] | null = null): Placed | null {
    return date && this.dates.placeOnce(date, told);
  }

  /** The same of a day on which its course restarts, with nothing told. */
  daysOf(due: DayNumber, margins: Margins): Days | null {
    return this.dates.daysOf(due, margins);
  }

  /** A key, marked anew where an occurrence of that name has ended. */
  unusedKey(base: string, endedToo?: ReadonlySet<string>): string {
    return this.dates.unusedKey(base, endedToo);
  }

  /**
   * Goes on to a day. When the next date's window opens, or it makes no sense any more, one never done is closed as missed: of a
   * `first` only what led on the day before.
   */
  elapse(upTo: DayNumber): void {
    for (const turn of this.gateTurns) if (turn > this.state.now && turn <= upTo) this.elapseTo(turn);
    this.elapseTo(upTo);
  }

  /** Takes in one thing that happened; what elapsed before it must have been told already. */
  take(event: DutyEvent, openedEarly: OpenedEarly): void {
    switch (event.kind) {
      case 'completion':
        this.complete(event, openedEarly);
        return;
      case 'look':
      case 'renewal':
        this.hear(event, openedEarly);
        return;
      case 'putOff':
        this.putOff(event.occurrence, event);
        return;
      case 'paused':
        this.state.pausedSince ??= event.day;
        return;
      case 'resumed':
        this.resume(event.day);
        return;
      case 'turn':
        this.turn(event.exists, event.day);
    }
  }

  /** Puts an occurrence off; the last putting off counts. */
  putOff(key: string, putOff: PuttingOff): void {
    this.state.putOffs.set(key, putOff);
    this.dates.forget();
  }

  private get exists(): boolean {
    return this.state.pausedSince === null && this.state.hiddenSince === null;
  }

  /** Whether something was put off that is still to come. */
  private get isPutOffAhead(): boolean {
    return [...this.state.putOffs.keys()].some((key) => !this.state.ended.has(key));
  }

  private elapseTo(upTo: DayNumber): void {
    if (upTo > this.state.now && this.gateTurns.includes(upTo)) {
      this.closePassed(upTo - 1);
      this.noteOpen(upTo - 1);
      this.dates.forget();
    }
    this.state.now = Math.max(this.state.now, upTo);
    this.closePassed(upTo);
    this.noteOpen(upTo);
  }

  private closePassed(upTo: DayNumber): void {
    let closed: DayNumber = -Infinity;
    let led: string | null = null;
    while (this.exists) {
      const next = this.dates.following();
      if (!next || next.on > upTo) return;
      const current = this.dates.current();
      const { placed } = this;
      if (next.on > closed) [closed, led] = [next.on, current?.date.key ?? null];
      next.pass();
      this.dates.lookAgain();
      // Of a `first` another part may have passed a date of its own; what leads stands as it stood.
      if (!current || this.dates.current()?.date.key === current.date.key) continue;
      this.miss(current, placed, next.on, led);
    }
  }

  /** A date that was never to be done, or led a `first` for no day, is passed over without being counted. */
  private miss(
    { date, segment }: Outstanding,
    placed: Placed | null,
    closedOn: DayNumber,
    led: string | null,
  ): void {
    const { key } = date;
    if (!placed && this.state.stoodOpen !== key) return;
    const rule = this.segments[segment]?.terms.rule;
    if (rule && takesEarliest(rule) && led !== key) return;
    const due = toCivilDate(placed?.due ?? date.day);
    this.state.missed.push({ key, due, closedOn: toCivilDate(closedOn) });
    this.end(key);
  }

  private noteOpen(day: DayNumber): void {
    if (this.gateTurns.length === 0) return;
    const { placed } = this;
    if (placed && placed.earliest <= day) this.state.stoodOpen = placed.date.key;
  }

  private complete(event: Completion, openedEarly: OpenedEarly): void {
    const before = this.placed;
    const taken = this.tell(event, openedEarly, before);
    if (taken === 'answers' && before) this.record(before, event, event.how);
    else if (taken === 'extra')
      this.state.extras.push({ entryId: event.entryId, on: toCivilDate(event.day) });
  }

  private hear(event: RuleEvent, openedEarly: OpenedEarly): void {
    const before = this.placed;
    if (this.tell(event, openedEarly, before) !== 'answers' || !before) return;
    this.record(before, event, event.kind === 'look' ? 'looked' : 'done');
  }

  private record({ date: { key }, due }: Placed, { entryId, day }: RuleEvent, how: Completion['how']): void {
    this.end(key);
    const [dueOn, on] = [toCivilDate(due), toCivilDate(day)];
    this.state.satisfied.push({ key, entryId, due: dueOn, on, how, daysLate: day - due });
  }

  /** Tells the rule of every terms; only those in force may take it as the answer to what is outstanding. */
  private tell(event: RuleEvent, openedEarly: OpenedEarly, before: Placed | null): Taken {
    const inForce = this.dates.current()?.segment ?? this.dates.segmentOn(event.day);
    const opens = before && this.opensFor(event, openedEarly, before);
    const taken = this.rules.map((rule, index) => rule.take(event, index === inForce ? opens : null));
    const result = taken[inForce] ?? 'extra';
    if (result === 'answers') {
      this.state.segment = inForce;
      this.state.suffix = '';
    }
    this.dates.lookAgain();
    return result;
  }

  /** When the window opens for what is told: at once for the occurrence it names. */
  private opensFor(event: RuleEvent, openedEarly: OpenedEarly, before: Placed): Opens {
    const named = event.kind === 'completion' ? event.occurrence : null;
    return (date) => {
      const { key } = this.dates.withKey(date);
      if (named !== null && named === key) return -Infinity;
      const own = this.dates.opens(date);
      return key === before.date.key ? Math.min(own, openedEarly(before)) : own;
    };
  }

  private end(key: string): void {
    this.state.ended.add(key);
    this.dates.lookAgain();
  }

  private resume(day: DayNumber): void {
    const from = this.state.pausedSince;
    if (from === null) return;
    this.state.pausedSince = null;
    if (day <= from) return;
    this.state.pauses.push({ from, to: day });
    for (const rule of this.rules) rule.pause(from, day);
    this.forgive(from, day);
    this.dates.forget();
  }

  /**
   * An occurrence in a pause is not counted as missed, whenever it was closed. A pause holds from the start of its day: nor is what was closed
   * on that day and due on it or later.
   */
  private forgive(from: DayNumber, to: DayNumber): void {
    const [first, after] = [toCivilDate(from), toCivilDate(to)];
    const kept = this.state.missed.filter(
      ({ due, closedOn }) => due < first || (due >= after && closedOn !== first),
    );
    this.state.missed.splice(0, Infinity, ...kept);
  }

  private turn(exists: boolean, day: DayNumber): void {
    this.state.turnedOn = day;
    if (!exists) {
      this.state.hiddenSince ??= day;
      return;
    }
    const wasHidden = this.state.hiddenSince !== null;
    this.state.hiddenSince = null;
    if (this.history.timing.pair?.half === 'opens') this.begin(day, day + 1);
    else if (wasHidden) {
      this.begin(day, day);
      this.reopen(day);
    }
    this.dates.forget();
  }

  /** This half begins to exist: dates before a day are not owed. An opening owes only what comes after the last close. */
  private begin(on: DayNumber, owedFrom: DayNumber): void {
    this.state.bornOn = on;
    for (const rule of this.rules) rule.dropBefore(owedFrom);
  }

  /** A closing opened in its season is owed again; earlier puttings off are gone. */
  private reopen(day: DayNumber): void {
    this.dates.forget();
    for (const key of this.rules.flatMap((rule) => rule.reopen(day))) {
      this.state.ended.delete(key);
      this.state.putOffs.delete(key);
    }
  }

  private recall(memory: DutyMemory): void {
    if (memory.rules.length !== this.rules.length)
      throw new Error(`what is remembered of duty ${this.history.duty.id} is of other terms`);
    recallState(this.state, memory);
    memory.rules.forEach((own, index) => this.rules[index]?.recall(own));
    this.dates.forget();
  }

  /** Catching up is decided by what was known on the day of adoption. */
  private adopt(day: DayNumber): void {
    this.state.now = day;
    for (const [index, { start }] of this.segments.entries()) if (start <= day) this.rules[index]?.adopt();
    this.state.now = -Infinity;
    this.dates.forget();
  }
}
