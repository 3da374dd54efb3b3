import { addSpan, nominalDays } from '../calendar/span.ts';
import { toCivilDate, type DayNumber } from '../calendar/civilDate.ts';
import { roundHalfUp } from '../calendar/rounding.ts';
import type { Completion } from './mark.ts';
import type { IntervalRule } from '../practice/rule.ts';
import type { Factor } from '../practice/terms.ts';
import type { Reason } from './reason.ts';

/** The product of factors is held between these. */
export const LEAST_PRODUCT = 0.25;
export const MOST_PRODUCT = 1.5;

/** Products this near 1 are 1: 0.5 × 2 must not lose the calendar arithmetic to binary fractions. */
const ONE_TOLERANCE = 1e-9;

/** An interval after its factors and floor. `days` is null where plain calendar arithmetic stands. */
export interface ScaledInterval {
  readonly product: number;
  readonly held: number;
  readonly days: number | null;
  readonly flooredDays: number | null;
  /** The length that shares of the interval are taken from. */
  readonly basisDays: number;
}

/** Applies factors and floor to an interval. At a product of 1 nothing changes and the floor does not act. */
export function scaleInterval(rule: IntervalRule, factors: readonly Factor[]): ScaledInterval {
  const product = factors.reduce((all, factor) => all * factor.value, 1);
  const held = Math.min(MOST_PRODUCT, Math.max(LEAST_PRODUCT, product));
  if (Math.abs(held - 1) < ONE_TOLERANCE) {
    return { product, held: 1, days: null, flooredDays: null, basisDays: nominalDays(rule.every) };
  }
  const days = roundHalfUp(nominalDays(rule.every) * held);
  const flooredDays = Math.max(days, rule.floorDays ?? 0);
  return { product, held, days, flooredDays, basisDays: flooredDays };
}

/**
 * The day an interval falls due after it was last done, and the steps from there. Below a product of 1 it is never later,
 * above 1 never earlier, than the plain calendar date: so a smaller factor never makes a later date.
 */
export function intervalDue(
  rule: IntervalRule,
  factors: readonly Factor[],
  scaled: ScaledInterval,
  { day: from, how }: Pick<Completion, 'day' | 'how'>,
): { readonly due: DayNumber; readonly reasons: Reason[] } {
  const plain = addSpan(from, rule.every);
  const reasons: Reason[] = [
    { kind: 'lastDone', on: toCivilDate(from), how },
    { kind: 'interval', every: rule.every, due: toCivilDate(plain) },
  ];
  const { product, held, days, flooredDays } = scaled;
  if (days === null || flooredDays === null) return { due: plain, reasons };

  reasons.push({
    kind: 'factors',
    factors: [...factors],
    product,
    held,
    days,
    due: toCivilDate(from + days),
  });
  if (flooredDays > days) {
    reasons.push({ kind: 'floor', floorDays: flooredDays, due: toCivilDate(from + flooredDays) });
  }
  const counted = from + flooredDays;
  const due = held < 1 ? Math.min(counted, plain) : Math.max(counted, plain);
  if (due !== counted) {
    reasons.push({ kind: 'plainHolds', side: held < 1 ? 'latest' : 'earliest', due: toCivilDate(due) });
  }
  return { due, reasons };
}
