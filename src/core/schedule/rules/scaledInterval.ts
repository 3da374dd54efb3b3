import { addSpan, nominalDays } from '../../calendar/span.ts';
import { toCivilDate, type DayNumber } from '../../calendar/civilDate.ts';
import { roundHalfUp } from '../../calendar/rounding.ts';
import type { Completion } from './dutyEvent.ts';
import type { IntervalRule } from '../../practice/rule.ts';
import type { Factor } from '../../practice/terms.ts';
import type { Reason } from '../reason.ts';

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
 * The day an interval falls due after it was done on a day. Below a product of 1 it is never later, above 1 never earlier, than the plain
 * calendar date: so a smaller factor never makes a later date.
 */
export function intervalDay(
  rule: IntervalRule,
  { flooredDays, held }: ScaledInterval,
  from: DayNumber,
): DayNumber {
  const plain = addSpan(from, rule.every);
  if (flooredDays === null) return plain;
  return held < 1 ? Math.min(from + flooredDays, plain) : Math.max(from + flooredDays, plain);
}

/** The two steps of an interval nothing acts on. */
export const lastDoneReason = (from: DayNumber, how: Completion['how']): Reason => ({
  kind: 'lastDone',
  on: toCivilDate(from),
  how,
});
export const intervalReason = ({ every }: IntervalRule, from: DayNumber): Reason => ({
  kind: 'interval',
  every,
  due: toCivilDate(addSpan(from, every)),
});

/** Adds the same steps as data. */
export function tellInterval(
  rule: IntervalRule,
  factors: readonly Factor[],
  scaled: ScaledInterval,
  { day: from, how }: Pick<Completion, 'day' | 'how'>,
  told: Reason[],
): void {
  told.push(lastDoneReason(from, how), intervalReason(rule, from));
  const { product, held, days, flooredDays } = scaled;
  if (days === null || flooredDays === null) return;
  const on = toCivilDate(from + days);
  told.push({ kind: 'factors', factors: [...factors], product, held, days, due: on });
  const counted = from + flooredDays;
  if (flooredDays > days) told.push({ kind: 'floor', floorDays: flooredDays, due: toCivilDate(counted) });
  const due = intervalDay(rule, scaled, from);
  if (due !== counted)
    told.push({ kind: 'plainHolds', side: held < 1 ? 'latest' : 'earliest', due: toCivilDate(due) });
}
