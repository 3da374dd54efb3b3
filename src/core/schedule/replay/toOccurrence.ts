import { toCivilDate } from '../../calendar/civilDate.ts';
import type { Occurrence } from '../occurrence.ts';
import type { Reason } from '../reason.ts';
import { reasonsOf, type Placed } from './place.ts';

/** A placed date written out. */
export function toOccurrence(
  placed: Placed,
  by: Pick<Occurrence, 'bookBy' | 'orderBy'>,
  reasons: readonly Reason[] = reasonsOf(placed),
): Occurrence {
  const { date, earliest, due, latest } = placed;
  return {
    key: date.key,
    window: { earliest: toCivilDate(earliest), due: toCivilDate(due), latest: toCivilDate(latest) },
    reasons,
    baseline: date.baseline,
    asks: date.asks,
    bookBy: by.bookBy,
    orderBy: by.orderBy,
  };
}
