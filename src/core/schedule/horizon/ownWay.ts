import { earliestDue } from '../replay/bound.ts';
import type { Group } from '../replay/group.ts';
import type { Placed } from '../replay/place.ts';
import type { Columns } from './columns.ts';
import { imagineDone } from './imagine.ts';
import { addPlaced, type Reach } from './rows.ts';
import { stepTogether } from './stepping.ts';
import { Walker } from './walker.ts';

/** Duties that share their dates and hang on no others: replayed until all go on by their rules alone, from there on stepped. */
export function imagineGroup(group: Group, reach: Reach, columns: Columns): void {
  const { today, end, enough } = reach;
  const duties = group.members.map(({ history }) => columns.addDuty(history.duty.id));
  const left = group.members.map(() => enough);
  let from = today;
  while (left.some((count) => count > 0)) {
    const dates = group.dates(today);
    const day = Math.max(earliestDue(dates)?.due ?? Infinity, from);
    if (day > end) return;
    const walkers = walkersOf(group, dates, duties, today);
    if (walkers) {
      stepTogether(walkers, { dates, day, end, left }, columns);
      return;
    }
    dates.forEach((placed, index) => {
      const [member, duty] = [group.members[index], duties[index]];
      if (!placed || !member || duty === undefined) return;
      if ((left[index] ?? 0) > 0) addPlaced(columns, duty, placed);
      left[index] = (left[index] ?? 0) - 1;
      imagineDone(member, placed, day);
    });
    from = day + 1;
  }
}

/** A walker for each member that has a date; null where one of them must be replayed. */
function walkersOf(
  { members }: Group,
  dates: readonly (Placed | null)[],
  duties: readonly number[],
  today: number,
): Walker[] | null {
  const walkers: Walker[] = [];
  for (const [index, member] of members.entries()) {
    if (!dates[index]) continue;
    const course = member.course(today);
    if (!course) return null;
    walkers.push(new Walker(member, course, index, duties[index] ?? 0));
  }
  return walkers;
}
