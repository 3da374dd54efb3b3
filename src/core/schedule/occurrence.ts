import { toCivilDate, toDay, type DayNumber } from '../calendar/civilDate.ts';
import { intervalDue, scaleInterval, type ScaledInterval } from './interval.ts';
import { listingOf, type CalendarPlace, type Listing } from './listing.ts';
import type { Completion, DutyHistory, TermsSegment } from './history.ts';
import type { CalendarRule, IntervalRule } from './rule.ts';
import type { Reason } from './reason.ts';
import { marginsOf, type MarginBasis, type Window, type WindowTerms } from './window.ts';

/** One time a duty falls due. `key` names it by its duty and what started it, for good. */
export interface Occurrence {
  readonly key: string;
  readonly window: Window;
  readonly reasons: readonly Reason[];
  /** Never done and never dated: listed apart, not as an emergency. */
  readonly baseline: boolean;
  /** Which terms judge it. */
  readonly segment: number;
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
    this.plans = history.segments.map((segment) => planOf(segment, place));
  }

  /**
   * The occurrence that stands after the last completion: the first terms, from `fromSegment` on, whose date falls
   * while they are in force. Listed dates count from `listedFrom`.
   */
  next(fromSegment: number, listedFrom: DayNumber, last: Completion | null): Occurrence | null {
    for (let index = fromSegment; index < this.plans.length; index += 1) {
      const plan = this.plans[index];
      const found =
        plan &&
        (plan.kind === 'interval'
          ? this.byInterval(plan, index, last)
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
    if (occurrence.clock === 'listed') return this.next(occurrence.segment, listedFrom, last);
    for (let index = occurrence.segment + 1; index < this.plans.length; index += 1) {
      const plan = this.plans[index];
      const found = plan?.kind === 'listed' ? this.byListing(plan, index, listedFrom) : null;
      if (found) return found;
    }
    return null;
  }

  private byInterval(plan: IntervalPlan, segment: number, last: Completion | null): Occurrence | null {
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
    const key = `${this.dutyId}:${last?.entryId ?? adoption.entryId}`;
    const basis: MarginBasis = { kind: 'interval', days: plan.scaled.basisDays };
    return this.finish({
      key,
      segment,
      ruleDay: due,
      reasons,
      basis,
      baseline: last === null,
      clock: 'restarts',
    });
  }

  private byListing(plan: ListingPlan, segment: number, listedFrom: DayNumber): Occurrence | null {
    const listed = plan.listing.onOrAfter(Math.max(plan.start, listedFrom));
    if (!listed || listed.day >= plan.end) return null;
    const before = plan.listing.before(listed.day);
    const after = plan.listing.onOrAfter(listed.day + 1);
    const basis: MarginBasis = {
      kind: 'calendar',
      gapBefore: before && listed.day - before.day,
      gapAfter: after && after.day - listed.day,
    };
    const key = `${this.dutyId}:${toCivilDate(listed.day)}`;
    return this.finish({
      key,
      segment,
      ruleDay: listed.day,
      reasons: [listed.reason],
      basis,
      baseline: false,
      clock: 'listed',
    });
  }

  private finish(draft: Omit<Occurrence, 'window'> & { reasons: Reason[]; basis: MarginBasis }): Occurrence {
    const { basis, ...rest } = draft;
    const margins = marginsOf(basis, this.windowTerms);
    const due = toCivilDate(draft.ruleDay);
    const earliest = toCivilDate(draft.ruleDay - margins.early);
    const latest = toCivilDate(draft.ruleDay + margins.grace);
    const basisDays = basis.kind === 'interval' ? basis.days : null;
    draft.reasons.push({ kind: 'window', basisDays, ...margins, earliest, latest });
    return { ...rest, window: this.putOff(draft.key, { earliest, due, latest }, draft.reasons) };
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
}
interface ListingPlan {
  readonly kind: 'listed';
  readonly start: DayNumber;
  readonly end: DayNumber;
  readonly listing: Listing;
}
type SegmentPlan = IntervalPlan | ListingPlan;

function planOf({ terms, start, end }: TermsSegment, place: CalendarPlace): SegmentPlan {
  const { rule, factors } = terms;
  if (rule.kind === 'interval') {
    return { kind: 'interval', start, end, rule, factors, scaled: scaleInterval(rule, factors) };
  }
  const listingRule: CalendarRule = rule;
  return { kind: 'listed', start, end, listing: listingOf(listingRule, place) };
}

/** The day on which an occurrence's window opens. */
export const opensOn = (occurrence: Occurrence): DayNumber => toDay(occurrence.window.earliest);
