import type { CivilDate } from '../calendar/civilDate.ts';
import { applyCorrections, byDayThenSequence, type StandingEntry } from './corrections.ts';
import type { Entry } from './entry.ts';

/**
 * The content of a ledger as of a day, by the day it happened and, on one day, as it was written: entries and corrections dated after the
 * day do not exist yet. So noting something later never changes what an earlier day said.
 */
export function standingAsOf(entries: readonly Entry[], on: CivilDate): StandingEntry[] {
  const sequences = entries.flatMap(({ date }, sequence) => (date <= on ? [sequence] : []));
  const known = entries.filter(({ date }) => date <= on);
  return applyCorrections(known)
    .filter(({ voidedBy, date }) => voidedBy === null && date <= on)
    .map((standing) => ({ ...standing, sequence: sequences[standing.sequence] ?? standing.sequence }))
    .sort(byDayThenSequence);
}
