import { toCivilDate, toDay, type DayNumber } from '../calendar/civilDate.ts';
import { intervalDue, scaleInterval, type ScaledInterval } from './interval.ts';
import { listingOf, type CalendarPlace, type Listing } from './listing.ts';
import type { Completion, DutyHistory, TermsSegment } from './history.ts';
import type { IntervalRule } from './rule.ts';
import type { Reason } from './reason.ts';
import { marginsOf, type MarginBasis, type Margins, type Window, type WindowTerms } from './window.ts';

/** One time a duty falls due. `key` names it by its duty and what started it, for good. */
export interface Occurrence {
  readonly key: string;
  readonly window: Window;
  readonly reasons: readonly Reason[];
  /** Never done and never dated: listed apart, not as an emergency. */
  readonly baseline: boolean;
  /** Which terms judge it. */
  readonly segment: number;
  /** The due day of the window, as a number. */
  readonly dueDay: DayNumber;
  /** The day its rule gave, before any putting off. */
  readonly ruleDay: DayNumber;
  readonly clock: 'restarts' | 'listed';
}

/** Derives the occurrences of one duty. Created once for a history; holds the listings of its terms. */
export class OccurrenceSource {
  private readonly plans: readonly SegmentPlan[];

  constructor(
    private readonly dutyId: string,
    private readonly history: DutyHistory,
    private readonly windowTerms: WindowTerms,
    place: CalendarPlace,
  ) {
    this.plans = history.segments.map((segment) => planOf(segment, windowTerms, place));
  }

  /**
   * The occurrence that stands after the last completion: the first terms, from `fromSegment` on, whose date falls
   * while they are in force. Listed dates count from `listedFrom`.
   */
  next(
    fromSegment: number,
    listedFrom: DayNumber,
    last: Completion | null,
    comes: 'first' | 'after a listed date' = 'first',
  ): Occurrence | null {
    for (let index = fromSegment; index < this.plans.length; index += 1) {
      const plan = this.plans[index];
      const found =
        plan &&
        (plan.kind === 'interval'
          ? this.byInterval(plan, index, last, comes)
          : this.byListing(plan, index, listedFrom));
      if (found) return found;
    }
    return null;
  }

  /**
   * The occurrence after one that is never done: the next listed date. A clock that restarts has none of its own, and
   * terms that only give the same clock another length do not make a second occurrence of it.
   */
  following(occurrence: Occurrence, last: Completion | null): Occurrence | null {
    const listedFrom = Math.max(occurrence.ruleDay + 1, this.history.adoption.day);
    if (occurrence.clock === 'listed')
      return this.next(occurrence.segment, listedFrom, last, 'after a listed date');
    for (let index = occurrence.segment + 1; index < this.plans.length; index += 1) {
      const plan = this.plans[index];
      const found = plan?.kind === 'listed' ? this.byListing(plan, index, listedFrom) : null;
      if (found) return found;
    }
    return null;
  }

  private byInterval(
    plan: IntervalPlan,
    segment: number,
    last: Completion | null,
    comes: 'first' | 'after a listed date',
  ): Occurrence | null {
    const reasons: Reason[] = [];
    const { adoption } = this.history;
    let due: DayNumber;
    if (last) {
      reasons.push({ kind: 'lastDone', on: toCivilDate(last.day), how: last.how });
      due = intervalDue(plan.rule, plan.factors, plan.scaled, last.day, reasons);
    } else {
      due = adoption.day;
      reasons.push({ kind: 'noRecord', due: toCivilDate(due) });
    }
    if (due < plan.start) {
      due = plan.start;
      reasons.push({ kind: 'termsBegan', due: toCivilDate(due) });
    }
    if (due >= plan.end) return null;
    const started = `${this.dutyId}:${last?.entryId ?? adoption.entryId}`;
    // The same clock may run again after terms with listed dates in between: then these terms started it.
    const key = comes === 'first' ? started : `${started}:${toCivilDate(plan.start)}`;
    const window = this.windowAround(due, plan.scaled.basisDays, plan.margins, key, reasons);
    const dueDay = this.dueDayOf(key, due);
    return {
      key,
      window,
      dueDay,
      reasons,
      baseline: last === null,
      segment,
      ruleDay: due,
      clock: 'restarts',
    };
  }

  private byListing(plan: ListingPlan, segment: number, listedFrom: DayNumber): Occurrence | null {
    const listed = plan.listing.onOrAfter(Math.max(plan.start, listedFrom));
    if (!listed || listed.day >= plan.end) return null;
    const { day, reason } = listed;
    const before = plan.listing.before(day);
    const after = plan.listing.onOrAfter(day + 1);
    const basis: MarginBasis = {
      kind: 'calendar',
      gapBefore: before && day - before.day,
      gapAfter: after && after.day - day,
    };
    const key = `${this.dutyId}:${toCivilDate(day)}`;
    const reasons: Reason[] = [reason];
    const window = this.windowAround(day, null, marginsOf(basis, this.windowTerms), key, reasons);
    const dueDay = this.dueDayOf(key, day);
    return { key, window, dueDay, reasons, baseline: false, segment, ruleDay: day, clock: 'listed' };
  }

  private dueDayOf(key: string, ruleDay: DayNumber): DayNumber {
    const putOff = this.history.putOffs.get(key);
    return putOff ? toDay(putOff.to) : ruleDay;
  }

  private windowAround(
    due: DayNumber,
    basisDays: number | null,
    margins: Margins,
    key: string,
    reasons: Reason[],
  ): Window {
    const { early, earlyBy, grace, graceBy } = margins;
    const earliest = toCivilDate(due - early);
    const latest = toCivilDate(due + grace);
    reasons.push({ kind: 'window', basisDays, early, earlyBy, grace, graceBy, earliest, latest });
    return this.putOff(key, { earliest, due: toCivilDate(due), latest }, reasons);
  }

  /** Putting off to a chosen day: earliest stays unless the day is before it, latest becomes the later of itself and the day. */
  private putOff(key: string, window: Window, reasons: Reason[]): Window {
    const putOff = this.history.putOffs.get(key);
    if (!putOff) return window;
    const { to } = putOff;
    const moved: Window = {
      earliest: to < window.earliest ? to : window.earliest,
      due: to,
      latest: to > window.latest ? to : window.latest,
    };
    reasons.push({ kind: 'putOff', why: putOff.why, ...moved });
    return moved;
  }
}

interface IntervalPlan {
  readonly kind: 'interval';
  readonly start: DayNumber;
  readonly end: DayNumber;
  readonly rule: IntervalRule;
  readonly factors: TermsSegment['terms']['factors'];
  readonly scaled: ScaledInterval;
  /** The same for every occurrence of the terms. */
  readonly margins: Margins;
}
interface ListingPlan {
  readonly kind: 'listed';
  readonly start: DayNumber;
  readonly end: DayNumber;
  readonly listing: Listing;
}
type SegmentPlan = IntervalPlan | ListingPlan;

function planOf(
  { terms, start, end }: TermsSegment,
  windowTerms: WindowTerms,
  place: CalendarPlace,
): SegmentPlan {
  const { rule, factors } = terms;
  if (rule.kind !== 'interval') return { kind: 'listed', start, end, listing: listingOf(rule, place) };
  const scaled = scaleInterval(rule, factors);
  const margins = marginsOf({ kind: 'interval', days: scaled.basisDays }, windowTerms);
  return { kind: 'interval', start, end, rule, factors, scaled, margins };
}

/** The day on which an occurrence's window opens. */
export const opensOn = (occurrence: Occurrence): DayNumber => toDay(occurrence.window.earliest);
