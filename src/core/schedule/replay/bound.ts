import { toCivilDate } from '../../calendar/civilDate.ts';
import type { Reason } from '../reason.ts';
import type { Days } from '../window.ts';
import type { Placed } from './place.ts';
import type { DutyReplay } from './dutyReplay.ts';
import { LIFE_SAFETY_GRACE_DAYS } from '../window.ts';

/** The one due first; ties go to the first listed. */
export function earliestDue(dates: readonly (Placed | null)[]): Placed | null {
  return dates.reduce((lead, date) => (date && (!lead || date.due < lead.due) ? date : lead), null);
}

/** Bound companions share every date: the earliest-due one's window is everyone's. */
export function shareWindow(members: readonly DutyReplay[], dates: (Placed | null)[]): (Placed | null)[] {
  const lead = members.length > 1 ? earliestDue(dates) : null;
  if (!lead) return dates;
  const leader = members[dates.indexOf(lead)];
  if (!leader) return dates;
  return dates.map((date, index) =>
    date && date !== lead ? shared(date, lead, leader.history.duty.id, members[index] ?? leader) : date,
  );
}

/** A date in the window of the one that leads. Life safety keeps its own grace. */
export function shared(
  date: Placed,
  { earliest, due, latest }: Days,
  leader: string,
  member: DutyReplay,
): Placed {
  if (date.earliest === earliest && date.due === due && date.latest === latest) return date;
  const graceDays = member.history.timing.lifeSafety ? LIFE_SAFETY_GRACE_DAYS : null;
  const own = graceDays === null ? latest : Math.min(latest, due + graceDays);
  const leads = { earliest: toCivilDate(earliest), due: toCivilDate(due), latest: toCivilDate(latest) };
  const reason: Reason = {
    kind: 'bound',
    with: leader,
    leads,
    graceDays,
    ...leads,
    latest: toCivilDate(own),
  };
  return { ...date, earliest, due, latest: own, moved: [...date.moved, reason] };
}
