import { daysBetween, type CivilDate } from '../../core/calendar/civilDate.ts';
import type { Window } from '../../core/schedule/window.ts';

/** The bar shows this many days to either side of today: eight weeks. */
export const SHOWN_DAYS = 56;

/** Where a window lies on a bar from 0 (eight weeks back) to 1 (eight weeks on), today in the middle. */
export interface BarMarks {
  readonly from: number;
  readonly due: number;
  readonly to: number;
  /** The due day lies on the bar. */
  readonly dueShown: boolean;
  /** Parts of the window lie outside, before or after what the bar shows. */
  readonly cutBefore: boolean;
  readonly cutAfter: boolean;
}

/** The marks of a window; what lies outside is cut off at the edge. */
export function barMarks(window: Window, today: CivilDate): BarMarks {
  const at = (date: CivilDate): number => (daysBetween(today, date) + SHOWN_DAYS) / (2 * SHOWN_DAYS);
  const inside = (place: number): number => Math.min(1, Math.max(0, place));
  return {
    from: inside(at(window.earliest)),
    due: inside(at(window.due)),
    to: inside(at(window.latest)),
    dueShown: at(window.due) >= 0 && at(window.due) <= 1,
    cutBefore: at(window.earliest) < 0,
    cutAfter: at(window.latest) > 1,
  };
}
