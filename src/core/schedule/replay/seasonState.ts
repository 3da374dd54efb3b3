import { toCivilDate, type CivilDate, type DayNumber } from '../../calendar/civilDate.ts';

export type SeasonState = 'open' | 'closed' | 'unknown';

/** One change of what stands shut or open: on which day, and by which entry. */
export interface StateChange {
  readonly day: DayNumber;
  /** Its place among all that happened. */
  readonly order: number;
  readonly standing: 'open' | 'closed';
  readonly entryId: string;
}

/** How one thing has stood through time; before the first change nobody knows. */
export type StateLine = readonly StateChange[];

/** How it stands after all changes. */
export function stateAtEnd(line: StateLine): {
  standing: SeasonState;
  since: CivilDate | null;
  entryId: string | null;
} {
  const last = line.at(-1);
  if (!last) return { standing: 'unknown', since: null, entryId: null };
  // Closed twice in a row, it has stood closed since the first of the two.
  let first = last;
  for (const change of [...line].reverse()) {
    if (change.standing !== last.standing) break;
    first = change;
  }
  return { standing: last.standing, since: toCivilDate(first.day), entryId: first.entryId };
}

/** The runs of days in which it stood so, ends excluded; the time before the first change counts as either. */
export function runsOf(line: StateLine, standing: 'open' | 'closed'): { from: DayNumber; to: DayNumber }[] {
  const runs: { from: DayNumber; to: DayNumber }[] = [];
  let from: DayNumber | null = -Infinity;
  for (const change of line) {
    if (change.standing === standing) from ??= change.day;
    else if (from !== null) {
      runs.push({ from, to: change.day });
      from = null;
    }
  }
  if (from !== null) runs.push({ from, to: Infinity });
  return runs;
}
