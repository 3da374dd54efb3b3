import { toDay, type CivilDate } from '../../calendar/civilDate.ts';
import type { House } from '../../house/house.ts';
import type { Entry } from '../../ledger/entry.ts';
import type { Group } from '../replay/group.ts';
import { replayHouse, type HouseReplay, type ProjectionInputs } from '../replay/replayHouse.ts';
import { Columns, type DatedOccurrence } from './columns.ts';
import { halvesOf } from './imagine.ts';
import { imagineGroup } from './ownWay.ts';
import { imagineTurning } from './turning.ts';

/**
 * Every occurrence due up to `until` (included) if each were done on its due day (an overdue one today), with windows and reasons,
 * by day. Duties that share their dates are done together, and what is closed is opened again. The handy pass, which hangs on
 * today, is not taken. `enough`: no more than so many of each duty are wanted.
 */
export function projectOccurrences(
  house: House,
  entries: readonly Entry[],
  on: CivilDate,
  around: ProjectionInputs,
  until: CivilDate,
  enough = Infinity,
): DatedOccurrence[] {
  return horizonFrom(replayHouse(house, entries, on, around), house, until, enough).all();
}

/** The same as columns, from a house replayed up to today; what is imagined is imagined on its groups, which are used up by it. */
export function horizonFrom(
  { groups, today }: HouseReplay,
  house: House,
  until: CivilDate,
  enough = Infinity,
): Columns {
  const living = groups.map((group) => group.living(today));
  const reach = { today, end: toDay(until), enough };
  const columns = new Columns();
  // Only what turns a state changes what another duty owes; the rest goes its own way.
  const turning: Group[] = [];
  const others: Group[] = [];
  for (const group of living) (turns(group) ? turning : others).push(group);
  if (turning.length > 0) imagineTurning(turning, halvesOf(house, turning), reach, columns);
  for (const group of others) imagineGroup(group, reach, columns);
  return columns;
}

const turns = (group: Group): boolean => group.members.some(({ history }) => history.timing.pair);
