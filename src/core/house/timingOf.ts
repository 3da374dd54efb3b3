import type { Practice } from '../practice/practice.ts';
import { quantityOf } from '../practice/quantity.ts';
import { deliveryDaysOf } from '../practice/supplies.ts';
import type { Timing } from '../practice/timing.ts';
import type { Asset, Duty } from './house.ts';

/** Finds a practice by its code, among those of the catalogue and those a home has added. */
export type FindPractice = (code: string) => Practice | undefined;

/** A practice that is not there any more: its duty keeps its rule and has no other conduct. */
const NO_TIMING: Timing = { lifeSafety: false };

/** Everything but the rule that decides a duty's dates: from its practice, what it needs worked out for its asset. */
export function timingOf(
  { practice }: Pick<Duty, 'practice'>,
  asset: Asset | undefined,
  find: FindPractice,
): Timing {
  if (practice.from === 'home') return practice;
  const found = find(practice.code);
  if (!found) return NO_TIMING;
  const { lifeSafety, earlyDays, graceDays, gates, freezeGuard, pair, lead, supplies } = found;
  const needs = supplies.flatMap(({ supply, quantity }) => {
    const count = quantityOf(quantity, asset?.facts ?? {});
    return count === null || count <= 0
      ? []
      : [{ supply, quantity: count, deliveryDays: deliveryDaysOf(supply) }];
  });
  return { lifeSafety, earlyDays, graceDays, gates, freezeGuard, pair, lead, needs };
}
