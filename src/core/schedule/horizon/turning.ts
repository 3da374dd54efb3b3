import type { DayNumber } from '../../calendar/civilDate.ts';
import { earliestDue } from '../replay/bound.ts';
import type { DutyReplay } from '../replay/dutyReplay.ts';
import type { Group } from '../replay/group.ts';
import type { Placed } from '../replay/place.ts';
import type { Columns } from './columns.ts';
import { imagineDone, turnHalves, type Halves } from './imagine.ts';
import { addPlaced, type Reach } from './rows.ts';

/** The occurrences of some groups of which one may end or begin another, replayed day by day. */
export function imagineTurning(
  groups: readonly Group[],
  halves: Halves,
  { today, end, enough }: Reach,
  columns: Columns,
): void {
  const counted = new Counted(groups, enough, columns);
  const next = groups.map((group) => group.dates(today));
  const due = next.map((dates) => earliestDue(dates)?.due ?? Infinity);
  for (let place = earliest(due); (due[place] ?? Infinity) <= end && !counted.all; place = earliest(due)) {
    const day = Math.max(due[place] ?? today, today);
    const touched = [place];
    next[place]?.forEach((date, index) => {
      const member = groups[place]?.members[index];
      if (!date || !member) return;
      counted.add(member, date);
      imagineDone(member, date, day);
      // Only the work shuts or opens; a look leaves it as it stands.
      if (date.date.asks === 'look') return;
      for (const other of turnHalves(member, halves, day))
        touched.push(groups.findIndex(({ members }) => members.includes(other)));
    });
    for (const index of touched) {
      next[index] = groups[index]?.dates(today) ?? [];
      const least = earliestDue(next[index])?.due ?? Infinity;
      // A duty done, or turned by one that is done, is not due again the same day: else two halves would never end.
      due[index] = Math.max(least, day + 1);
    }
  }
}

/** Adds what is wanted of each duty, and knows when that is enough of all. */
class Counted {
  private readonly places = new Map<DutyReplay, { readonly duty: number; count: number }>();
  private lacking: number;

  constructor(
    groups: readonly Group[],
    private readonly enough: number,
    private readonly columns: Columns,
  ) {
    for (const { members } of groups)
      for (const member of members)
        this.places.set(member, { duty: columns.addDuty(member.history.duty.id), count: 0 });
    this.lacking = this.places.size;
  }

  get all(): boolean {
    return this.lacking === 0;
  }

  add(member: DutyReplay, placed: Placed): void {
    const place = this.places.get(member);
    if (!place || place.count >= this.enough) return;
    addPlaced(this.columns, place.duty, placed);
    place.count += 1;
    if (place.count === this.enough) this.lacking -= 1;
  }
}

const earliest = (due: readonly DayNumber[]): number =>
  due.reduce((best, day, index) => (day < (due[best] ?? Infinity) ? index : best), 0);
