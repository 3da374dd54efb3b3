import { toCivilDate, type DayNumber } from '../calendar/civilDate.ts';
import { earliestDue } from './replay/bound.ts';
import type { Placed } from './replay/place.ts';

/** One duty, or several that share their dates, as the handy pass sees them. */
export interface HandyUnit {
  readonly dates: (Placed | null)[];
  readonly dutyIds: readonly string[];
  /** Places of the units it goes well with, itself not among them. */
  readonly companions: readonly number[];
}

interface Move {
  readonly due: DayNumber;
  readonly leadDue: DayNumber;
  readonly with: string;
}

/**
 * Handy companions, one pass over the dates as they were before it: a duty whose window overlaps that of the earliest-due of those
 * it goes with moves to the latest of that one's due day, its own earliest and today, if that is earlier. Only the due day moves, and not one
 * that somebody chose.
 * Ties go to the first listed. Returns for each unit the first later day on which its move changes by itself, null where it did not move.
 */
export function moveHandy(units: readonly HandyUnit[], today: DayNumber): (DayNumber | null)[] {
  const moves = units.map((unit, index) => moveOf(units, unit, index, today));
  moves.forEach((move, index) => {
    if (move) applyMove(units[index]?.dates ?? [], move, today);
  });
  return moves.map((move) => move && move.due + 1);
}

function moveOf(units: readonly HandyUnit[], unit: HandyUnit, index: number, today: DayNumber): Move | null {
  const own = earliestDue(unit.dates);
  if (!own || own.chosen) return null;
  const around = [index, ...unit.companions].sort((a, b) => a - b);
  const lead = earliestDue(around.map((place) => earliestDue(units[place]?.dates ?? [])));
  if (!lead || lead === own || lead.due >= own.due) return null;
  if (lead.latest < own.earliest || own.latest < lead.earliest) return null;
  const due = Math.max(lead.due, own.earliest, today);
  return due < own.due ? { due, leadDue: lead.due, with: nameOf(units, lead) } : null;
}

function nameOf(units: readonly HandyUnit[], placed: Placed): string {
  for (const { dates, dutyIds } of units) {
    const name = dutyIds[dates.indexOf(placed)];
    if (name !== undefined) return name;
  }
  return '';
}

function applyMove(dates: (Placed | null)[], { due, leadDue, with: name }: Move, today: DayNumber): void {
  dates.forEach((date, place) => {
    if (!date || due >= date.due) return;
    const reason = {
      kind: 'handy',
      with: name,
      leadDue: toCivilDate(leadDue),
      today: due === today ? toCivilDate(today) : null,
      due: toCivilDate(due),
    } as const;
    dates[place] = { ...date, due, moved: [...date.moved, reason] };
  });
}
