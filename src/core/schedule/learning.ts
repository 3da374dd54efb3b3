import { toDay, type CivilDate } from '../calendar/civilDate.ts';
import { roundHalfUp } from '../calendar/rounding.ts';
import { nominalDays } from '../calendar/span.ts';
import type { DutyHistory } from './replay/history.ts';
import { scaleInterval } from './rules/scaledInterval.ts';
import { actingFactors } from '../practice/terms.ts';

/** A look that graded wear: 0 as new … 1 must change, so many days after it was new. */
export interface GradedLook {
  readonly on: CivilDate;
  readonly grade: number;
  readonly days: number;
  /** Counts only as "no faster than": as new still, or too early to tell a rate by. */
  readonly boundOnly: boolean;
}

/** An interval the looks speak for, in days, with the band that holds it in 80 cases of 100. */
export interface Proposal {
  readonly days: number;
  readonly low: number;
  readonly high: number;
  /** The interval as it stands now, what wears the thing counted in. */
  readonly present: number;
  readonly looks: readonly GradedLook[];
}

const PRIOR_SPREAD = 0.35;
const LOOK_SPREAD = 0.3;
/** Looks before this share of the interval tell only a bound. */
const EARLY_SHARE = 0.1;
/** A thing still as new has worn less than half-way to the first grade that shows. */
const STILL_NEW = 0.25;
const STEPS = 400;

/**
 * The interval that a duty's graded looks suggest. The rate of wear is log-normal: a prior centred on the school's interval with
 * spread 0.35, each look with spread 0.30; bounds by their cumulative probability; summed on a grid. Never under the floor, over
 * twice the school's interval or, where lives depend on it, over the school's. Null without looks, or where the rule is no interval;
 * after a proposal was turned down until something was looked at again. An interval of the home's own already holds the looks before it.
 */
export function proposalOf(history: DutyHistory): Proposal | null {
  const segment = history.segments.at(-1);
  const rule = segment?.terms.rule;
  if (!segment || rule?.kind !== 'interval') return null;
  const school = nominalDays(rule.every);
  // Looks up to the day an interval of the home's own began are in that interval already.
  const heldUpTo = segment.terms.school === null ? segment.start : -Infinity;
  const seen = history.wearBefore(Infinity).seen.filter(({ on }) => toDay(on) > heldUpTo);
  const newest = seen.at(-1);
  if (!newest || newest.order < (history.dismissedAt ?? -Infinity)) return null;
  const looks = seen.map(({ on, grade, days }): GradedLook => ({
    on,
    grade,
    days,
    boundOnly: grade === 0 || days < school * EARLY_SHARE,
  }));
  const present = roundHalfUp(scaleInterval(rule, actingFactors(segment.terms)).basisDays);
  const { low, middle, high } = posterior(school, looks);
  const most = history.timing.lifeSafety ? school : school * 2;
  const held = (days: number): number => roundHalfUp(Math.min(most, Math.max(rule.floorDays ?? 1, days)));
  return { days: held(middle), low: held(low), high: held(high), present, looks };
}

/** The interval in days at 10, 50 and 90 % of the posterior. */
function posterior(
  school: number,
  looks: readonly GradedLook[],
): { low: number; middle: number; high: number } {
  const centre = -Math.log(school);
  const reach = 2.5;
  const rates = Array.from({ length: STEPS + 1 }, (_, step) => centre - reach + (2 * reach * step) / STEPS);
  const logs = rates.map((rate) =>
    looks.reduce((sum, look) => sum + logLikelihood(look, rate), normalLog((rate - centre) / PRIOR_SPREAD)),
  );
  const most = Math.max(...logs);
  const weights = logs.map((log) => Math.exp(log - most));
  const total = weights.reduce((sum, weight) => sum + weight, 0);
  const rateAt = (share: number): number => {
    let sum = 0;
    const index = weights.findIndex((weight) => (sum += weight) >= share * total);
    return rates[index] ?? centre;
  };
  return { low: Math.exp(-rateAt(0.9)), middle: Math.exp(-rateAt(0.5)), high: Math.exp(-rateAt(0.1)) };
}

function logLikelihood({ grade, days, boundOnly }: GradedLook, rate: number): number {
  if (!boundOnly) return normalLog((Math.log(grade / days) - rate) / LOOK_SPREAD);
  const bound = Math.log((grade === 0 ? STILL_NEW : grade) / days);
  return Math.log(Math.max(1e-12, cumulative((bound - rate) / LOOK_SPREAD)));
}

const normalLog = (z: number): number => -0.5 * z * z;

/** The standard normal's cumulative probability (Abramowitz and Stegun 26.2.17, error below 7.5e-8). */
function cumulative(z: number): number {
  const t = 1 / (1 + 0.2316419 * Math.abs(z));
  const tail =
    (Math.exp(-0.5 * z * z) / Math.sqrt(2 * Math.PI)) *
    t *
    (0.31938153 + t * (-0.356563782 + t * (1.781477937 + t * (-1.821255978 + t * 1.330274429))));
  return z >= 0 ? 1 - tail : tail;
}
