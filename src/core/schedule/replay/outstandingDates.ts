import { toCivilDate, type DayNumber } from '../../calendar/civilDate.ts';
import type { Reason } from '../reason.ts';
import type { RuleDate } from '../rules/ruleDate.ts';
import type { NextDate, RuleState, Sight } from '../rules/ruleState.ts';
import type { DutyState } from './dutyState.ts';
import { knownUpTo } from './gates.ts';
import type { DutyHistory, TermsSegment } from './history.ts';
import { expires, place, placedDays, type PlaceContext, type Placed } from './place.ts';
import type { Days, Margins } from '../window.ts';

/** A date that stands outstanding, and the terms that judge it. */
export interface Outstanding {
  readonly date: RuleDate;
  readonly segment: number;
}

/** The window found for a date; null where it never opens. */
interface Known {
  readonly date: RuleDate;
  readonly found: ReturnType<typeof place>;
}

/** Which date of which terms stands outstanding, in which window, and what ends it: worked out from the state of a duty and its rules. */
export class OutstandingDates {
  /** The state of each of its terms' rules, in order. */
  readonly rules: readonly RuleState[];
  private readonly segments: readonly TermsSegment[];
  private readonly context: PlaceContext;
  /** The outstanding date, worked out once and again only after something happened; it is asked for many times between. */
  private known: Outstanding | null | 'unknown' = 'unknown';
  /** The windows of the date outstanding and of the one after it, as long as nothing moves them. */
  private placedLast: Known | null = null;
  private placedBefore: Known | null = null;

  constructor(
    private readonly history: DutyHistory,
    private readonly state: DutyState,
    ruleStateOf: (segment: TermsSegment, sight: Sight) => RuleState,
    { seasons, gateFacts }: Pick<PlaceContext, 'seasons' | 'gateFacts'>,
  ) {
    this.segments = history.segments;
    this.context = {
      seasons,
      gateFacts: knownUpTo(gateFacts, () => state.now),
      timing: history.timing,
      pauses: state.pauses,
      putOff: (key) => state.putOffs.get(key),
      half: null,
    };
    const sight: Sight = {
      opens: this.opens,
      expires: (date) => expires(date, this.context),
      passesOver: (date) =>
        date.worth !== null && date.key !== state.stoodOpen && 'tooLate' in this.find(date),
    };
    this.rules = history.segments.map((segment) => ruleStateOf(segment, sight));
  }

  current(): Outstanding | null {
    if (this.known === 'unknown') this.known = this.findCurrent();
    return this.known;
  }

  /**
   * The date after the one outstanding: the next listed one. A rule that restarts has none of its own, and later terms that
   * only give the same rule another length do not make a second occurrence of it.
   */
  following(): NextDate | null {
    const current = this.current();
    if (!current) return null;
    const own = this.rules[current.segment]?.next(this.endOf(current.segment)) ?? null;
    const later = this.underLaterTerms(current);
    if (!own || (later && later.on < own.on)) return later;
    return own;
  }

  /** The terms in force on a day, of those not passed yet. */
  segmentOn(day: DayNumber): number {
    const found = this.segments.findLastIndex(({ start }) => start <= day);
    return Math.max(this.state.segment, found);
  }

  /** Something that moves the dates has changed. */
  forget(): void {
    this.known = 'unknown';
    this.placedLast = null;
    this.placedBefore = null;
    for (const rule of this.rules) rule.forget();
  }

  /** The outstanding date may be another; the windows stay. */
  lookAgain(): void {
    this.known = 'unknown';
  }

  readonly opens = (date: RuleDate): DayNumber => this.place(date)?.earliest ?? Infinity;

  place(date: RuleDate): Placed | null {
    const found = this.find(date);
    return 'due' in found ? found : null;
  }

  /** The window of a date, or why it has none. */
  find(date: RuleDate): ReturnType<typeof place> {
    if (this.placedLast?.date === date) return this.placedLast.found;
    if (this.placedBefore?.date === date) return this.placedBefore.found;
    const found = place(date, this.contextNow());
    this.placedBefore = this.placedLast;
    this.placedLast = { date, found };
    return found;
  }

  /** The same of a date of its course, not remembered; its steps are added to `told` where they are wanted. */
  placeOnce(date: RuleDate, told: Reason[] | null): Placed | null {
    const found = place(this.withKey(date), this.contextNow(), told);
    return 'due' in found ? found : null;
  }

  /** The window of a day on which its course restarts, gates and all. */
  daysOf(due: DayNumber, margins: Margins): Days | null {
    return placedDays(due, margins, this.contextNow());
  }

  /** A date under the key of the occurrence it stands for. */
  withKey(date: RuleDate): RuleDate {
    const { suffix } = this.state;
    const key = this.unusedKey(date.clock === 'listed' || suffix === '' ? date.key : `${date.key}${suffix}`);
    return key === date.key ? date : { ...date, key };
  }

  /** A key, marked anew where an occurrence of that name has ended. */
  unusedKey(base: string, endedToo?: ReadonlySet<string>): string {
    let key = base;
    for (let again = 2; this.state.ended.has(key) || endedToo?.has(key); again += 1) key = `${base}~${again}`;
    return key;
  }

  /** The first terms, from those in force on, whose date falls while they are in force. */
  private findCurrent(): Outstanding | null {
    for (let index = this.state.segment; index < this.rules.length; index += 1) {
      const date = this.rules[index]?.date();
      if (!date || date.day >= this.endOf(index)) continue;
      return { date: this.withKey(date), segment: index };
    }
    return null;
  }

  private underLaterTerms(current: Outstanding): NextDate | null {
    for (let index = current.segment + 1; index < this.rules.length; index += 1) {
      const date = this.rules[index]?.date();
      if (!date || date.day >= this.endOf(index)) continue;
      if (current.date.clock !== 'listed' && date.clock !== 'listed') continue;
      return {
        on: this.opens(date),
        pass: () => {
          this.passTo(index, date);
        },
      };
    }
    return null;
  }

  private passTo(segment: number, date: RuleDate): void {
    this.state.segment = segment;
    const start = this.segments[segment]?.start;
    if (date.clock === 'restarts' && start !== undefined) this.state.suffix = `:${toCivilDate(start)}`;
  }

  private endOf(segment: number): DayNumber {
    return this.segments[segment]?.end ?? Infinity;
  }

  private contextNow(): PlaceContext {
    const { pair } = this.history.timing;
    if (!pair) return this.context;
    const { turnedOn, bornOn } = this.state;
    const standing = turnedOn === null ? 'unknown' : pair.half === 'closes' ? 'open' : 'closed';
    const since = turnedOn === null ? null : toCivilDate(turnedOn);
    const reason = { kind: 'stateSince', state: pair.state, standing, since } as const;
    return { ...this.context, half: { reason, since: bornOn } };
  }
}
