import { toCivilDate } from '../calendar/civilDate.ts';
import type { Placed } from './place.ts';
import type { Replay } from './replay.ts';
import { LIFE_SAFETY_GRACE_DAYS } from './window.ts';

/** The one due first; ties go to the first listed. */
export function earliestDue(dates: readonly (Placed | null)[]): Placed | null {
  return dates.reduce((lead, date) => (date && (!lead || date.due < lead.due) ? date : lead), null);
}

/** Bound companions share every date: the earliest-due one's window is everyone's. Life safety keeps its own grace. */
export function shareWindow(members: readonly Replay[], dates: (Placed | null)[]): (Placed | null)[] {
  const lead = members.length > 1 ? earliestDue(dates) : null;
  if (!lead) return dates;
  const leader = members[dates.indexOf(lead)]?.history.duty.id ?? '';
  const { earliest, due, latest } = lead;
  const leads = { earliest: toCivilDate(earliest), due: toCivilDate(due), latest: toCivilDate(latest) };
  return dates.map((date, index) => {
    if (!date || date === lead || (date.earliest === earliest && date.due === due && date.latest === latest))
      return date;
    const graceDays = members[index]?.history.timing.lifeSafety === true ? LIFE_SAFETY_GRACE_DAYS : null;
    const own = graceDays === null ? latest : Math.min(latest, due + graceDays);
    return {
      date: date.date,
      earliest,
      due,
      latest: own,
      reasons: [
        ...date.reasons,
        { kind: 'bound', with: leader, leads, graceDays, ...leads, latest: toCivilDate(own) },
      ],
    };
  });
}
