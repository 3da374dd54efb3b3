import { toCivilDate, type CivilDate } from '../calendar/civilDate.ts';
import { reasonsOf, type Placed } from './replay/place.ts';
import type { Reason } from './reason.ts';
import type { Window } from './window.ts';

/** One time a duty falls due. `key` names it by its duty and what started it, for good. */
export interface Occurrence {
  readonly key: string;
  readonly window: Window;
  readonly reasons: readonly Reason[];
  /** Never done and never dated: listed apart, not as an emergency. */
  readonly baseline: boolean;
  /** A look only; what it finds may call for the work. */
  readonly asks: 'work' | 'look';
  /** By when a trade must be booked and supplies ordered; both show from that day on. */
  readonly bookBy: CivilDate | null;
  readonly orderBy: CivilDate | null;
}

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
