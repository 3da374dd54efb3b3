import { daysBetween, type CivilDate } from '../calendar/civilDate.ts';
import type { House } from '../house/house.ts';
import type { Entry, EntryBody } from '../ledger/entry.ts';
import { projectPast, type HouseProjection } from '../schedule/project.ts';
import type { Sleep } from '../schedule/reason.ts';
import { pastAsOf, type Checkpoint } from '../schedule/replay/checkpoint.ts';
import type { ProjectionInputs } from '../schedule/replay/replayHouse.ts';
import type { Window } from '../schedule/window.ts';

/** An entry that is only being considered, and the day it would be written for. */
export interface Considered {
  readonly date: CivilDate;
  readonly body: EntryBody;
}

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

/** Considered work that would satisfy nothing, and the window that was outstanding on its day; null where nothing was. */
export interface ConsideredExtra {
  readonly dutyId: string;
  readonly stood: Window | null;
}

/** The known past of a home: its past folded up to a day and the entries after it, or the whole ledger. */
export interface KnownPast {
  readonly start: Checkpoint | null;
  readonly entries: readonly Entry[];
}

const TRIAL = 'trial-';

/** Considered entries as they would stand if they were written. */
export const consideredEntries = (considered: readonly Considered[]): Entry[] =>
  considered.map(({ date, body }, index) => ({
    id: `${TRIAL}${index}`,
    date,
    stampedAt: `${date}T12:00:00.000Z`,
    by: 'trial',
    body,
  }));

/** The same if they were written for one day. */
export const asTrial = (bodies: readonly EntryBody[], on: CivilDate): Entry[] =>
  consideredEntries(bodies.map((body) => ({ date: on, body })));

/**
 * Which dates some entries would move, and by how much, and which of them would satisfy nothing, without writing them. `known` must reach
 * back behind the day of each: a folded past cannot be seen as of a day before it.
 */
export function tryEntries(
  house: House,
  { start, entries }: KnownPast,
  considered: readonly Considered[],
  on: CivilDate,
  around: ProjectionInputs,
): { readonly moves: Move[]; readonly extras: ConsideredExtra[] } {
  const standing = (day: CivilDate, more: readonly Entry[] = []): HouseProjection =>
    projectPast(house, pastAsOf(start, [...entries, ...more], day), day, around);
  const before = standing(on);
  const after = standing(on, consideredEntries(considered)).duties;
  const stoodOn = (dutyId: string, day: CivilDate): Window | null => {
    const { duties } = day === on ? before : standing(day);
    return duties.find((duty) => duty.dutyId === dutyId)?.occurrence?.window ?? null;
  };
  const extras = after.flatMap(({ dutyId, extras: all }) =>
    all
      .filter(({ entryId }) => entryId.startsWith(TRIAL))
      .map(({ on: day }) => ({ dutyId, stood: stoodOn(dutyId, day) })),
  );
  return { moves: movesBetween(before, after), extras };
}

function movesBetween(before: HouseProjection, after: HouseProjection['duties']): Move[] {
  const later = new Map(after.map((duty) => [duty.dutyId, duty]));
  return before.duties.flatMap(({ dutyId, occurrence }): Move[] => {
    const then = later.get(dutyId);
    const from = occurrence?.window.due ?? null;
    const to = then?.occurrence?.window.due ?? null;
    if (from === to) return [];
    const days = from !== null && to !== null ? daysBetween(from, to) : null;
    return [{ dutyId, from, to, days, sleep: then?.sleep ?? null }];
  });
}
