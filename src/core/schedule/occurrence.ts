import type { CivilDate } from '../calendar/civilDate.ts';
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
