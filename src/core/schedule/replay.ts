import { toCivilDate, type CivilDate, type DayNumber } from '../calendar/civilDate.ts';
import type { Clock, NextDate, Opens, RuleDate } from './clocks/clock.ts';
import type { DutyHistory, TermsSegment } from './history.ts';
import type { ClockMark, Completion, Mark, PuttingOff } from './mark.ts';
import { place, type PausedRun, type PlaceContext, type Placed } from './place.ts';
import type { Sleep } from './reason.ts';

/** A listed date that was never done before the next one's window opened. Counted, not stacked. */
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
  readonly placed: Placed | null;
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

  constructor(
    readonly history: DutyHistory,
    clockOf: (segment: TermsSegment) => Clock,
    context: Pick<PlaceContext, 'seasons' | 'gateFacts'>,
  ) {
    this.segments = history.segments;
    this.clocks = history.segments.map(clockOf);
    this.context = {
      ...context,
      timing: history.timing,
      pauses: this.pauses,
      putOff: (key) => this.putOffs.get(key),
      half: null,
    };
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
    const placed = place(current.date, this.contextNow());
    if (!('never' in placed)) return null;
    return placed.never === 'beyond' ? { kind: 'beyond' } : { kind: 'gate', gate: placed.never };
  }

  get paused(): DayNumber | null {
    return this.pausedSince;
  }

  /** The first later day on which this duty's own answer changes by itself: when the next date's window opens. */
  changesOn(): DayNumber | null {
    if (!this.placed) return null;
    const next = this.following();
    const opens = next && this.opens(next.date);
    return opens !== null && Number.isFinite(opens) ? opens : null;
  }

  /** When the next date's window opens, an older one never done is closed as missed. */
  elapse(upTo: DayNumber): void {
    while (this.pausedSince === null && this.hiddenSince === null) {
      const next = this.following();
      if (!next || this.opens(next.date) > upTo) return;
      const current = this.placed;
      const closedOn = toCivilDate(this.opens(next.date));
      next.pass();
      this.known = 'unknown';
      // Of a `first` another part may have passed a date of its own; what leads stands as it stood.
      if (!current || this.outstanding()?.date.key === current.date.key) continue;
      this.missed.push({ key: current.date.key, due: toCivilDate(current.due), closedOn });
      this.end(current.date.key);
    }
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
    const satisfies = this.tell(mark, openedEarly, before);
    if (satisfies && before) this.record(before, mark.entryId, mark.day, mark.how);
    else this.extras.push({ entryId: mark.entryId, on: toCivilDate(mark.day) });
  }

  private hear(mark: ClockMark, openedEarly: OpenedEarly): void {
    const before = this.placed;
    if (!this.tell(mark, openedEarly, before) || !before) return;
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
  private tell(mark: ClockMark, openedEarly: OpenedEarly, before: Placed | null): boolean {
    const shown = before !== null;
    const inForce = this.outstanding()?.segment ?? -1;
    const opens = shown ? this.opensFor(mark, openedEarly, before) : null;
    let answered = false;
    for (let index = 0; index < this.clocks.length; index += 1) {
      const answers = this.clocks[index]?.take(mark, index === inForce ? opens : null) ?? false;
      if (shown && index === inForce) answered = answers;
    }
    if (answered) {
      this.segment = inForce;
      this.suffix = '';
    }
    this.known = 'unknown';
    return answered;
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
    this.clocks.forEach((clock) => {
      clock.drop(from, day);
    });
    this.forgetWindows();
  }

  private turn(exists: boolean, day: DayNumber): void {
    this.turnedOn = day;
    if (!exists) {
      this.hiddenSince ??= day;
      return;
    }
    if (this.hiddenSince !== null) {
      this.bornOn = day;
      this.clocks.forEach((clock) => {
        clock.drop(-Infinity, day);
      });
    }
    this.hiddenSince = null;
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
    const within = this.clocks[current.segment]?.next(this.opens);
    if (within && within.date.day < (this.segments[current.segment]?.end ?? Infinity)) return within;
    for (let index = current.segment + 1; index < this.clocks.length; index += 1) {
      const date = this.clocks[index]?.date();
      if (!date || date.day >= (this.segments[index]?.end ?? Infinity)) continue;
      if (current.date.clock !== 'listed' && date.clock !== 'listed') continue;
      return {
        date,

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
  }

  private place(date: RuleDate): Placed | null {
    if (this.placedLast?.date === date) return this.placedLast.placed;
    if (this.placedBefore?.date === date) return this.placedBefore.placed;
    const found = place(date, this.contextNow());
    const placed = 'never' in found ? null : found;
    this.placedBefore = this.placedLast;
    this.placedLast = { date, placed };
    return placed;
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
