import { toCivilDate, type CivilDate, type DayNumber } from '../calendar/civilDate.ts';
import type { Clock, NextDate, Opens, RuleDate, Sight, Taken } from './clocks/clock.ts';
import { gateTurns, knownUpTo } from './gates.ts';
import type { DutyHistory, TermsSegment } from './history.ts';
import type { ClockMark, Completion, Mark, PuttingOff } from './mark.ts';
import { expires, place, type PausedRun, type PlaceContext, type Placed } from './place.ts';
import type { Sleep } from './reason.ts';
import { takesEarliest } from '../practice/rule.ts';

/** A listed date that was never done before the next one's window opened, or while it made sense. Counted, not stacked. */
export interface Missed {
  readonly key: string;
  readonly due: CivilDate;
  readonly closedOn: CivilDate;
}

/** A completion that satisfied nothing: done before the window opened, or with nothing outstanding. */
export interface Extra {
  readonly entryId: string;
  readonly on: CivilDate;
}

/** An occurrence that was done, skipped or looked at. `daysLate` is negative when it was done before its due day. */
export interface Satisfied {
  readonly key: string;
  readonly entryId: string;
  readonly due: CivilDate;
  readonly on: CivilDate;
  readonly how: Completion['how'];
  readonly daysLate: number;
}

/** The window found for a date; null where it never opens. */
interface Known {
  readonly date: RuleDate;
  readonly found: ReturnType<typeof place>;
}

/** A date that stands outstanding, and the terms that judge it. */
interface Outstanding {
  readonly date: RuleDate;
  readonly segment: number;
}

/** How far a completion may come before the window of the duty itself, because weather or a companion opened it. */
export type OpenedEarly = (placed: Placed) => DayNumber;

/** Replays one duty: takes in what happened, in order of days, and tells what is outstanding. */
export class Replay {
  readonly missed: Missed[] = [];
  readonly extras: Extra[] = [];
  readonly satisfied: Satisfied[] = [];
  private readonly clocks: readonly Clock[];
  private readonly segments: readonly TermsSegment[];
  private segment = 0;
  /** Set where the same clock runs again after listed terms: then those terms started it. */
  private suffix = '';
  /** Keys of what was satisfied or missed: what starts by the same entry after that is another occurrence. */
  private readonly ended = new Set<string>();
  private readonly putOffs = new Map<string, PuttingOff>();
  private readonly pauses: PausedRun[] = [];
  private pausedSince: DayNumber | null = null;
  private hiddenSince: DayNumber | null = null;
  private bornOn: DayNumber = -Infinity;
  private turnedOn: DayNumber | null = null;
  private readonly context: PlaceContext;
  /** What is outstanding, worked out once and again only after something happened; it is asked for many times between. */
  private known: Outstanding | null | 'unknown' = 'unknown';
  /** The windows of the date outstanding and of the one after it, as long as nothing moves them. */
  private placedLast: Known | null = null;
  private placedBefore: Known | null = null;
  /** The day told of so far: what gates hang on counts only up to it. */
  private now: DayNumber = -Infinity;
  /** Days, in order, on which what its gates hang on changed. */
  private readonly gateTurns: readonly DayNumber[];
  /** The key of what once stood open to be done, wherever a gate moved it since. */
  private stoodOpen: string | null = null;

  constructor(
    readonly history: DutyHistory,
    clockOf: (segment: TermsSegment, sight: Sight) => Clock,
    { seasons, gateFacts }: Pick<PlaceContext, 'seasons' | 'gateFacts'>,
  ) {
    this.segments = history.segments;
    this.gateTurns = gateTurns(history.timing.gates ?? [], gateFacts);
    this.context = {
      seasons,
      gateFacts: knownUpTo(gateFacts, () => this.now),
      timing: history.timing,
      pauses: this.pauses,
      putOff: (key) => this.putOffs.get(key),
      half: null,
    };
    const sight: Sight = {
      opens: this.opens,
      expires: (date) => expires(date, this.context),
      passesOver: (date) =>
        date.worth !== null && date.key !== this.stoodOpen && 'tooLate' in this.find(date),
    };
    this.clocks = history.segments.map((segment) => clockOf(segment, sight));
    this.adopt(history.adoption.day);
  }

  /** What is outstanding with its window, or null where nothing is. */
  get placed(): Placed | null {
    if (this.pausedSince !== null || this.hiddenSince !== null) return null;
    const current = this.outstanding();
    return current && this.place(current.date);
  }

  /** Why nothing is. */
  get sleep(): Sleep | null {
    if (this.pausedSince !== null) return { kind: 'paused', since: toCivilDate(this.pausedSince) };
    const { pair } = this.history.timing;
    if (this.hiddenSince !== null && pair) {
      const standing = pair.half === 'closes' ? 'closed' : 'open';
      return { kind: 'state', state: pair.state, standing, since: toCivilDate(this.hiddenSince) };
    }
    const current = this.outstanding();
    if (!current) return this.clocks.at(this.segment)?.sleep() ?? { kind: 'ended' };
    const placed = this.find(current.date);
    const { worth } = current.date;
    if ('tooLate' in placed) return worth && { kind: 'tooLate', by: worth.by };
    if (!('never' in placed)) return null;
    return placed.never === 'beyond' ? { kind: 'beyond' } : { kind: 'gate', gate: placed.never };
  }

  get paused(): DayNumber | null {
    return this.pausedSince;
  }

  /** The first later day on which this duty's own answer changes by itself: when the next date's window opens. */
  changesOn(): DayNumber | null {
    if (this.pausedSince !== null || this.hiddenSince !== null) return null;
    const next = this.following();
    return next && Number.isFinite(next.on) ? next.on : null;
  }

  /** The first listed date of its present terms from a day on, and the last one up to it, whatever was done of them. */
  listedAround(day: DayNumber): { readonly next: DayNumber | null; readonly last: DayNumber | null } {
    const clock = this.clocks[this.segmentOn(day)];
    return { next: clock?.listedFrom(day) ?? null, last: clock?.listedUpTo(day) ?? null };
  }

  /**
   * Goes on to a day. When the next date's window opens, or it makes no sense any more, one never done is closed as missed: of a
   * `first` only what led on the day before.
   */
  elapse(upTo: DayNumber): void {
    for (const turn of this.gateTurns) if (turn > this.now && turn <= upTo) this.elapseTo(turn);
    this.elapseTo(upTo);
  }

  private elapseTo(upTo: DayNumber): void {
    if (upTo > this.now && this.gateTurns.includes(upTo)) {
      this.closePassed(upTo - 1);
      this.noteOpen(upTo - 1);
      this.forgetWindows();
    }
    this.now = Math.max(this.now, upTo);
    this.closePassed(upTo);
    this.noteOpen(upTo);
  }

  private closePassed(upTo: DayNumber): void {
    let closed: DayNumber = -Infinity;
    let led: string | null = null;
    while (this.pausedSince === null && this.hiddenSince === null) {
      const next = this.following();
      if (!next || next.on > upTo) return;
      const current = this.outstanding();
      const placed = this.placed;
      if (next.on > closed) [closed, led] = [next.on, current?.date.key ?? null];
      next.pass();
      this.known = 'unknown';
      // Of a `first` another part may have passed a date of its own; what leads stands as it stood.
      if (!current || this.outstanding()?.date.key === current.date.key) continue;
      this.miss(current, placed, next.on, led);
    }
  }

  /** What was never to be done, or led a `first` for no day, is passed over without being counted. */
  private miss(
    { date, segment }: Outstanding,
    placed: Placed | null,
    closedOn: DayNumber,
    led: string | null,
  ): void {
    const { key } = date;
    if (!placed && this.stoodOpen !== key) return;
    const rule = this.segments[segment]?.terms.rule;
    if (rule && takesEarliest(rule) && led !== key) return;
    const due = toCivilDate(placed?.due ?? date.day);
    this.missed.push({ key, due, closedOn: toCivilDate(closedOn) });
    this.end(key);
  }

  private noteOpen(day: DayNumber): void {
    if (this.gateTurns.length === 0) return;
    const { placed } = this;
    if (placed && placed.earliest <= day) this.stoodOpen = placed.date.key;
  }

  /** Takes in one mark; what elapsed before it must have been told already. */
  take(mark: Mark, openedEarly: OpenedEarly): void {
    switch (mark.kind) {
      case 'completion':
        this.complete(mark, openedEarly);
        return;
      case 'look':
      case 'renewal':
        this.hear(mark, openedEarly);
        return;
      case 'putOff':
        this.putOff(mark.occurrence, mark);
        return;
      case 'paused':
        this.pausedSince ??= mark.day;
        return;
      case 'resumed':
        this.resume(mark.day);
        return;
      case 'turn':
        this.turn(mark.exists, mark.day);
    }
  }

  /** Puts an occurrence off; the last putting off counts. */
  putOff(key: string, putOff: PuttingOff): void {
    this.putOffs.set(key, putOff);
    this.forgetWindows();
  }

  private complete(mark: Completion, openedEarly: OpenedEarly): void {
    const before = this.placed;
    const taken = this.tell(mark, openedEarly, before);
    if (taken === 'answers' && before) this.record(before, mark.entryId, mark.day, mark.how);
    else if (taken === 'extra') this.extras.push({ entryId: mark.entryId, on: toCivilDate(mark.day) });
  }

  private hear(mark: ClockMark, openedEarly: OpenedEarly): void {
    const before = this.placed;
    if (this.tell(mark, openedEarly, before) !== 'answers' || !before) return;
    this.record(before, mark.entryId, mark.day, mark.kind === 'look' ? 'looked' : 'done');
  }

  private record(
    { date: { key }, due }: Placed,
    entryId: string,
    day: DayNumber,
    how: Completion['how'],
  ): void {
    this.end(key);
    this.satisfied.push({
      key,
      entryId,
      due: toCivilDate(due),
      on: toCivilDate(day),
      how,
      daysLate: day - due,
    });
  }

  /** Tells every clock; only the one in force may take it as the answer to what is outstanding. */
  private tell(mark: ClockMark, openedEarly: OpenedEarly, before: Placed | null): Taken {
    const inForce = this.outstanding()?.segment ?? this.segmentOn(mark.day);
    const opens = before && this.opensFor(mark, openedEarly, before);
    const taken = this.clocks.map((clock, index) => clock.take(mark, index === inForce ? opens : null));
    const result = taken[inForce] ?? 'extra';
    if (result === 'answers') {
      this.segment = inForce;
      this.suffix = '';
    }
    this.known = 'unknown';
    return result;
  }

  /** The terms in force on a day, of those not passed yet. */
  private segmentOn(day: DayNumber): number {
    const found = this.segments.findLastIndex(({ start }) => start <= day);
    return Math.max(this.segment, found);
  }

  /** When the window opens for what a mark tells: at once for the occurrence it names. */
  private opensFor(mark: ClockMark, openedEarly: OpenedEarly, before: Placed): Opens {
    const named = mark.kind === 'completion' ? mark.occurrence : null;
    return (date) => {
      const { key } = this.withSuffix(date);
      if (named !== null && named === key) return -Infinity;
      const own = this.opens(date);
      return key === before.date.key ? Math.min(own, openedEarly(before)) : own;
    };
  }

  private end(key: string): void {
    this.ended.add(key);
    this.known = 'unknown';
  }

  private resume(day: DayNumber): void {
    const from = this.pausedSince;
    if (from === null) return;
    this.pausedSince = null;
    if (day <= from) return;
    this.pauses.push({ from, to: day });
    for (const clock of this.clocks) clock.pause(from, day);
    this.forgetWindows();
  }

  private turn(exists: boolean, day: DayNumber): void {
    this.turnedOn = day;
    if (!exists) {
      this.hiddenSince ??= day;
      return;
    }
    const wasHidden = this.hiddenSince !== null;
    this.hiddenSince = null;
    if (this.history.timing.pair?.half === 'opens') this.begin(day, day + 1);
    else if (wasHidden) {
      this.begin(day, day);
      this.reopen(day);
    }
    this.forgetWindows();
  }

  /** This half begins to exist: dates before a day are not owed. An opening owes only what comes after the last close. */
  private begin(on: DayNumber, owedFrom: DayNumber): void {
    this.bornOn = on;
    for (const clock of this.clocks) clock.dropBefore(owedFrom);
  }

  /** A closing opened in its season is owed again; earlier puttings off are gone. */
  private reopen(day: DayNumber): void {
    this.forgetWindows();
    for (const key of this.clocks.flatMap((clock) => clock.reopen(day))) {
      this.ended.delete(key);
      this.putOffs.delete(key);
    }
  }

  /** What is caught up is decided by what was known on the day of adoption. */
  private adopt(day: DayNumber): void {
    this.now = day;
    for (const [index, { start }] of this.segments.entries()) if (start <= day) this.clocks[index]?.adopt();
    this.now = -Infinity;
    this.forgetWindows();
  }

  private outstanding(): Outstanding | null {
    if (this.known === 'unknown') this.known = this.findOutstanding();
    return this.known;
  }

  /** The first terms, from those in force on, whose date falls while they are in force. */
  private findOutstanding(): Outstanding | null {
    for (let index = this.segment; index < this.clocks.length; index += 1) {
      const date = this.clocks[index]?.date();
      if (!date || date.day >= (this.segments[index]?.end ?? Infinity)) continue;
      return { date: this.withSuffix(date), segment: index };
    }
    return null;
  }

  private withSuffix(date: RuleDate): RuleDate {
    const base = date.clock === 'listed' || this.suffix === '' ? date.key : `${date.key}${this.suffix}`;
    let key = base;
    for (let again = 2; this.ended.has(key); again += 1) key = `${base}~${again}`;
    return key === date.key ? date : { ...date, key };
  }

  /**
   * The date after the one outstanding: the next listed one. A clock that restarts has none of its own, and later terms that
   * only give the same clock another length do not make a second occurrence of it.
   */
  private following(): NextDate | null {
    const current = this.outstanding();
    if (!current) return null;
    const end = this.segments[current.segment]?.end ?? Infinity;
    const own = this.clocks[current.segment]?.next(end) ?? null;
    const later = this.underLaterTerms(current);
    if (!own || (later && later.on < own.on)) return later;
    return own;
  }

  private underLaterTerms(current: Outstanding): NextDate | null {
    for (let index = current.segment + 1; index < this.clocks.length; index += 1) {
      const date = this.clocks[index]?.date();
      if (!date || date.day >= (this.segments[index]?.end ?? Infinity)) continue;
      if (current.date.clock !== 'listed' && date.clock !== 'listed') continue;
      return {
        date,
        on: this.opens(date),
        pass: () => {
          this.passTo(index, date);
        },
      };
    }
    return null;
  }

  private passTo(segment: number, date: RuleDate): void {
    this.segment = segment;
    const start = this.segments[segment]?.start;
    if (date.clock === 'restarts' && start !== undefined) this.suffix = `:${toCivilDate(start)}`;
  }

  private readonly opens = (date: RuleDate): DayNumber => this.place(date)?.earliest ?? Infinity;

  private forgetWindows(): void {
    this.known = 'unknown';
    this.placedLast = null;
    this.placedBefore = null;
    for (const clock of this.clocks) clock.forget();
  }

  private place(date: RuleDate): Placed | null {
    const found = this.find(date);
    return 'due' in found ? found : null;
  }

  private find(date: RuleDate): ReturnType<typeof place> {
    if (this.placedLast?.date === date) return this.placedLast.found;
    if (this.placedBefore?.date === date) return this.placedBefore.found;
    const found = place(date, this.contextNow());
    this.placedBefore = this.placedLast;
    this.placedLast = { date, found };
    return found;
  }

  private contextNow(): PlaceContext {
    const { pair } = this.history.timing;
    if (!pair) return this.context;
    const standing = this.turnedOn === null ? 'unknown' : pair.half === 'closes' ? 'open' : 'closed';
    const since = this.turnedOn === null ? null : toCivilDate(this.turnedOn);
    const reason = { kind: 'stateSince', state: pair.state, standing, since } as const;
    return { ...this.context, half: { reason, since: this.bornOn } };
  }
}
