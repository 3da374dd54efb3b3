import { toCivilDate, type DayNumber } from '../../calendar/civilDate.ts';
import { rootsOf, type House } from '../../house/house.ts';
import type { DutyReplay, OpenedEarly } from '../replay/dutyReplay.ts';
import type { Group } from '../replay/group.ts';
import { stateKey } from '../replay/history.ts';
import { reasonsOf, type Placed } from '../replay/place.ts';

const AS_PLACED: OpenedEarly = ({ earliest: opens }) => opens;

/** Whether what is to be looked at is an age: it cannot be imagined to be read, so the thing is imagined renewed. */
const asksAge = (member: DutyReplay, placed: Placed): boolean =>
  placed.date.asks === 'look' &&
  member.mayAskAge &&
  reasonsOf(placed).some(({ kind }) => kind === 'ageUnknown');

/** Imagines that what is outstanding is done on a day, which names it: no entry stands for it yet. A look is imagined to find nothing. */
export function imagineDone(member: DutyReplay, placed: Placed, day: DayNumber): void {
  const renews = asksAge(member, placed);
  member.elapse(day);
  const entryId = toCivilDate(day);
  const { date, earliest: opens } = placed;
  if (date.asks === 'look' && !renews)
    member.take(
      { kind: 'look', entryId, day, finding: '', calls: false, ofDuty: true, measure: null, value: 0 },
      () => opens,
    );
  else member.take({ kind: 'completion', entryId, day, how: 'done', occurrence: date.key }, AS_PLACED);
  // An occurrence it uncovers may have passed already: a look that was not owed while work was called for.
  member.elapse(day);
}

/** The halves of each pair, by the id of either. */
export type Halves = ReadonlyMap<string, readonly DutyReplay[]>;

export function halvesOf(house: House, groups: readonly Group[]): Halves {
  const roots = rootsOf(house.assets);
  const byState = new Map<string, DutyReplay[]>();
  const halves = new Map<string, readonly DutyReplay[]>();
  for (const member of groups.flatMap(({ members }) => members)) {
    const { duty, timing } = member.history;
    if (!timing.pair) continue;
    const key = stateKey(roots.get(duty.asset) ?? duty.asset, timing.pair.state);
    const both = byState.get(key) ?? [];
    both.push(member);
    byState.set(key, both);
    halves.set(duty.id, both);
  }
  return halves;
}

/** Having done one half, that one ceases to exist and the other begins; answers with all that turned. */
export function turnHalves(member: DutyReplay, halves: Halves, day: DayNumber): readonly DutyReplay[] {
  const both = halves.get(member.history.duty.id) ?? [];
  const own = member.history.timing.pair?.half;
  for (const half of both)
    half.take({ kind: 'turn', day, exists: half.history.timing.pair?.half !== own }, AS_PLACED);
  return both;
}
