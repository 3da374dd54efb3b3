import { toDay, type CivilDate } from '../calendar/civilDate.ts';

/** A line of work as the week sees it. */
export interface WeekWork {
  readonly due: CivilDate;
  /** Minutes it takes; null where nobody knows. */
  readonly minutes: number | null;
  readonly lifeSafety: boolean;
  /** Frost harms what is left undone. */
  readonly frost: boolean;
  /** Nothing on record says that it was ever done. */
  readonly firstTime: boolean;
  /** Whether the plan has it this week; null where it says nothing. */
  readonly planned: 'now' | 'later' | null;
}

export interface Week<T> {
  readonly lines: readonly T[];
  readonly more: readonly T[];
  /** Minutes of the lines, as far as they are known. */
  readonly minutes: number;
}

/** Hours a week for the house where nobody has said how many. */
export const USUAL_HOURS = 3;

/** A week shows at least this many lines, however few hours there are, and never more than the other: a list one can finish. */
export const LEAST_LINES = 3;
export const MOST_LINES = 7;

/** Life safety before frost, frost before the rest; of the same what is planned, then what has a record, then the earlier due. */
function compare(a: WeekWork, b: WeekWork): number {
  const urgency = ({ lifeSafety, frost }: WeekWork): number => (lifeSafety ? 0 : frost ? 1 : 2);
  const isPlanned = ({ planned }: WeekWork): number => (planned === 'now' ? 0 : 1);
  return (
    urgency(a) - urgency(b) ||
    isPlanned(a) - isPlanned(b) ||
    Number(a.firstTime) - Number(b.firstTime) ||
    toDay(a.due) - toDay(b.due)
  );
}

/**
 * Chooses this week's work from what is open or late: what the plan has in this week. Of what the plan does not know all of life safety and
 * frost, then by due date while the household's hours last; work longer than the hours left is passed over for shorter work. What is planned
 * for later waits. `hours`: what the household has for the house in a week.
 */
export function thisWeek<T extends WeekWork>(open: readonly T[], hours: number): Week<T> {
  const lines: T[] = [];
  const more: T[] = [];
  let minutes = 0;
  for (const work of [...open].sort(compare)) {
    const fits = minutes + (work.minutes ?? 0) <= hours * 60;
    const wanted =
      work.lifeSafety || work.frost || work.planned === 'now' || fits || lines.length < LEAST_LINES;
    if (lines.length < MOST_LINES && wanted && work.planned !== 'later') {
      lines.push(work);
      minutes += work.minutes ?? 0;
    } else more.push(work);
  }
  return { lines, more, minutes };
}
