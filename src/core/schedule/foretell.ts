import { toCivilDate, toDay, type CivilDate, type DayNumber } from '../calendar/civilDate.ts';
import { rootsOf, type House } from '../house/house.ts';
import type { Entry } from '../ledger/entry.ts';
import { earliestDue } from './bound.ts';
import type { Group } from './group.ts';
import { stateKey } from './history.ts';
import { toOccurrence, type Occurrence } from './occurrence.ts';
import type { Placed } from './place.ts';
import type { OpenedEarly, Replay } from './replay.ts';
import { replayHouse, type HouseReplay, type Surroundings } from './replayHouse.ts';

/** An occurrence to come, of which duty. */
export interface Foretold {
  readonly dutyId: string;
  readonly occurrence: Occurrence;
}

/**
 * Every occurrence due up to `until` (included) if each were done on its due day (an overdue one today), with windows and reasons,
 * by day. Duties that share their dates are done together, and what is closed is opened again. The handy pass, which hangs on
 * today, is not taken. `enough`: no more than so many of each duty are wanted, and little beyond is worked out.
 */
export function foretell(
  house: House,
  entries: readonly Entry[],
  on: CivilDate,
  around: Surroundings,
  until: CivilDate,
  enough = Infinity,
): Foretold[] {
  return foretellFrom(replayHouse(house, entries, on, around), house, until, enough);
}

/** The same from a house already replayed up to today; what is imagined is imagined on its groups, which are used up by it. */
export function foretellFrom(
  { groups, today }: HouseReplay,
  house: House,
  until: CivilDate,
  enough = Infinity,
): Foretold[] {
  const living = groups.map((group) => group.living(today));
  const halves = halvesOf(house, living);
  const turns = (group: Group): boolean => group.members.some(({ history }) => history.timing.pair);
  // Only what turns a state changes what another duty owes; the rest goes its own way.
  const together = [living.filter(turns), ...living.filter((group) => !turns(group)).map((group) => [group])];
  const found = together.flatMap((some) => foretellSome(some, halves, { today, end: toDay(until), enough }));
  return found.sort((a, b) => a.day - b.day).map(({ foretold }) => foretold);
}

interface Found {
  readonly day: DayNumber;
  readonly foretold: Foretold;
}

interface Reach {
  readonly today: DayNumber;
  readonly end: DayNumber;
  readonly enough: number;
}

/** What comes of some groups of which one may end or begin another, day by day. */
function foretellSome(groups: readonly Group[], halves: Halves, { today, end, enough }: Reach): Found[] {
  const found: Found[] = [];
  const counted = new Counted(groups, enough);
  const next = groups.map((group) => group.dates(today));
  const due = next.map((dates) => earliestDue(dates)?.due ?? Infinity);
  for (let place = earliest(due); (due[place] ?? Infinity) <= end && !counted.all; place = earliest(due)) {
    const day = Math.max(due[place] ?? today, today);
    const touched = [place];
    next[place]?.forEach((date, index) => {
      const member = groups[place]?.members[index];
      if (!date || !member) return;
      const dutyId = member.history.duty.id;
      if (counted.wants(dutyId))
        found.push({ day: date.due, foretold: { dutyId, occurrence: toOccurrence(date, NO_LEADS) } });
      imagineDone(member, date, day);
      // Only the work shuts or opens; a look leaves it as it stands.
      if (date.date.asks === 'look') return;
      for (const other of turnHalves(member, halves, day))
        touched.push(groups.findIndex(({ members }) => members.includes(other)));
    });
    for (const index of touched) {
      next[index] = groups[index]?.dates(today) ?? [];
      const least = earliestDue(next[index])?.due ?? Infinity;
      // What is done, or turned by what is done, is not due again the same day: else two halves would never end.
      due[index] = Math.max(least, day + 1);
    }
  }
  return found;
}

/** How many occurrences of each duty have been told, and whether that is enough of all. */
class Counted {
  private readonly told = new Map<string, number>();
  private lacking: number;

  constructor(
    groups: readonly Group[],
    private readonly enough: number,
  ) {
    for (const { members } of groups) for (const { history } of members) this.told.set(history.duty.id, 0);
    this.lacking = this.told.size;
  }

  get all(): boolean {
    return this.lacking === 0;
  }

  wants(dutyId: string): boolean {
    const count = this.told.get(dutyId) ?? 0;
    if (count >= this.enough) return false;
    this.told.set(dutyId, count + 1);
    if (count + 1 === this.enough) this.lacking -= 1;
    return true;
  }
}

const NO_LEADS = { bookBy: null, orderBy: null };

const earliest = (due: readonly DayNumber[]): number =>
  due.reduce((best, day, index) => (day < (due[best] ?? Infinity) ? index : best), 0);

const AS_PLACED: OpenedEarly = ({ earliest: opens }) => opens;

/** No entry stands for it yet, so the day it is imagined on names it. A look is imagined to find nothing. */
function imagineDone(member: Replay, { date, earliest: opens }: Placed, day: DayNumber): void {
  member.elapse(day);
  const entryId = toCivilDate(day);
  // What is read on a thing cannot be imagined: it is imagined renewed.
  const asksAge = date.reasons.some(({ kind }) => kind === 'ageUnknown');
  if (date.asks === 'look' && !asksAge)
    member.take(
      { kind: 'look', entryId, day, finding: '', calls: false, ofDuty: true, measure: null, value: 0 },
      () => opens,
    );
  else member.take({ kind: 'completion', entryId, day, how: 'done', occurrence: date.key }, AS_PLACED);
}

type Halves = ReadonlyMap<string, readonly Replay[]>;

/** The halves of each pair, by the state they turn, and under each member's own name. */
function halvesOf(house: House, groups: readonly Group[]): Halves {
  const roots = rootsOf(house.assets);
  const halves = new Map<string, Replay[]>();
  for (const member of groups.flatMap(({ members }) => members)) {
    const { duty, pair } = { duty: member.history.duty, pair: member.history.timing.pair };
    if (!pair) continue;
    const key = stateKey(roots.get(duty.asset) ?? duty.asset, pair.state);
    const both = halves.get(key) ?? [];
    both.push(member);
    halves.set(key, both);
    halves.set(duty.id, both);
  }
  return halves;
}

/** Having done one half, that one ceases to exist and the other begins; answers with all that turned. */
function turnHalves(member: Replay, halves: Halves, day: DayNumber): readonly Replay[] {
  const both = halves.get(member.history.duty.id) ?? [];
  const own = member.history.timing.pair?.half;
  for (const half of both)
    half.take({ kind: 'turn', day, exists: half.history.timing.pair?.half !== own }, AS_PLACED);
  return both;
}
