import type { Adoption } from '../../src/core/walkthrough/adoption.ts';
import type { PlanReview } from '../../src/core/walkthrough/planReview.ts';
import type { First } from './begun/begunHouse.ts';

/** The earliest first week of a practice, over all its things; null where no date stands. */
export function weekOfFirst({ duties }: Adoption, { weeks }: PlanReview, code: string): number | null {
  const own = duties
    .filter(({ planned }) => planned.practice.code === code)
    .flatMap(({ duty }) => weeks.get(duty.id) ?? []);
  return own.length === 0 ? null : Math.min(...own);
}

/** Whether a practice first comes when it was written that it would. */
export function comesFirst(adoption: Adoption, review: PlanReview, code: string, first: First): boolean {
  const week = weekOfFirst(adoption, review, code);
  if (first === 'event') return week === null;
  if (week === null) return false;
  if (first === 'now') return week === 1;
  if (first === 'soon') return week <= 6;
  if (first === 'years') return week > 52;
  const own = review.systems.flatMap(({ practices }) => practices).find(({ practice }) => practice === code);
  const [from = '', to = from] = first.split('..');
  const month = own?.first?.slice(0, 7);
  return month !== undefined && month >= from && month <= to;
}
