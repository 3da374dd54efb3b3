import { daysBetween, type CivilDate } from '../calendar/civilDate.ts';
import type { House } from '../house/house.ts';
import type { Entry, EntryBody } from '../ledger/entry.ts';
import { project } from '../schedule/project.ts';
import type { Sleep } from '../schedule/reason.ts';
import type { ProjectionInputs } from '../schedule/replay/replayHouse.ts';

/** One duty whose date some entries would move. A date that is null is one that nothing is due on. */
export interface Move {
  readonly dutyId: string;
  readonly from: CivilDate | null;
  readonly to: CivilDate | null;
  /** Days later (negative: sooner); null where there is no date before or after. */
  readonly days: number | null;
  /** Why nothing would be due, where nothing would. */
  readonly sleep: Sleep | null;
}

/** The id an unwritten entry is given while its effects are looked at. */
const trialId = (index: number): string => `trial-${index}`;

/** Entries as they would stand if they were written today. */
export const asTrial = (bodies: readonly EntryBody[], on: CivilDate): Entry[] =>
  bodies.map((body, index) => ({
    id: trialId(index),
    date: on,
    stampedAt: `${on}T12:00:00.000Z`,
    by: 'trial',
    body,
  }));

/** Which dates some entries would move, and by how much, without writing them. */
export function movesOf(
  house: House,
  entries: readonly Entry[],
  bodies: readonly EntryBody[],
  on: CivilDate,
  around: ProjectionInputs,
): Move[] {
  const before = project(house, entries, on, around).duties;
  const after = new Map(
    project(house, [...entries, ...asTrial(bodies, on)], on, around).duties.map((duty) => [
      duty.dutyId,
      duty,
    ]),
  );
  return before.flatMap(({ dutyId, occurrence }): Move[] => {
    const then = after.get(dutyId);
    const from = occurrence?.window.due ?? null;
    const to = then?.occurrence?.window.due ?? null;
    if (from === to) return [];
    const days = from !== null && to !== null ? daysBetween(from, to) : null;
    return [{ dutyId, from, to, days, sleep: then?.sleep ?? null }];
  });
}
