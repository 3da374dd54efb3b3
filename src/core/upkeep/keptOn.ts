import { toCivilDate, toDay, type CivilDate } from '../calendar/civilDate.ts';
import { addSpan } from '../calendar/span.ts';
import type { House } from '../house/house.ts';
import type { Entry } from '../ledger/entry.ts';
import { horizonFrom } from '../schedule/horizon/horizon.ts';
import { proposalOf, type Proposal } from '../schedule/learning.ts';
import type { Occurrence } from '../schedule/occurrence.ts';
import { replayHouse, type ProjectionInputs } from '../schedule/replay/replayHouse.ts';
import type { Terms } from '../practice/terms.ts';

/** How one duty is kept on a day: its terms and since when, and what comes of them. */
export interface Kept {
  readonly dutyId: string;
  readonly terms: Terms;
  /** The day these terms began; the day of adoption for the first. */
  readonly since: CivilDate;
  readonly pausedSince: CivilDate | null;
  readonly retiredOn: CivilDate | null;
  /** The next occurrences, at most three, each as if the ones before it were done on their days. */
  readonly next: readonly Occurrence[];
  readonly proposal: Proposal | null;
}

const NEXT = 3;
/** Years ahead that are looked through for them. */
const REACH = 12;

/** How every duty of a house is kept on a day. A duty nobody has adopted is not. */
export function keptOn(
  house: House,
  entries: readonly Entry[],
  on: CivilDate,
  around: ProjectionInputs,
): Kept[] {
  const replayed = replayHouse(house, entries, on, around);
  const members = replayed.groups.flatMap((group) => group.members);
  const today = toDay(on);
  const kept = members.map((member) => {
    const { duty, segments, adoption, retiredOn } = member.history;
    const segment = segments.findLast(({ start }) => start <= today);
    const since = Math.max(segment?.start ?? -Infinity, adoption.day);
    return {
      dutyId: duty.id,
      terms: segment?.terms,
      since: toCivilDate(since),
      pausedSince: member.paused === null ? null : toCivilDate(member.paused),
      retiredOn: retiredOn === null ? null : toCivilDate(retiredOn),
      proposal: proposalOf(member.history),
    };
  });
  // From here on the replay is used up: what is imagined is imagined in it.
  const until = toCivilDate(addSpan(today, { unit: 'years', count: REACH }));
  const next = new Map<string, Occurrence[]>();
  for (const { dutyId, occurrence } of horizonFrom(replayed, house, until, NEXT).all())
    next.set(dutyId, [...(next.get(dutyId) ?? []), occurrence]);
  return kept.flatMap(({ terms, ...rest }): Kept[] =>
    terms ? [{ ...rest, terms, next: next.get(rest.dutyId) ?? [] }] : [],
  );
}
