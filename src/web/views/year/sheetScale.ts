import {
  civilFromDays,
  daysFromCivil,
  toCivilDate,
  toDay,
  type CivilDate,
  type DayNumber,
} from '../../../core/calendar/civilDate.ts';
import type { Weeks } from '../../../core/planning/home/weeks.ts';

/** Room for the names of systems, px. */
export const LABELS = 196;
/** Room a month's name needs, px. */
const MONTH_NAME = 34;
/** Weeks behind today that the whole year shows. */
export const BEHIND = 4;

/** The part of the year on screen: its first week and how many. */
export interface Stretch {
  readonly from: number;
  readonly count: number;
}

/** Where days and weeks stand on the sheet, in px from its left. */
export interface Scale {
  readonly perWeek: number;
  ofDay(day: DayNumber): number;
  ofDate(date: CivilDate): number;
  /** The left edge of a week. */
  weekStart(week: number): number;
  /** Where the marks of a week stand: in its middle; of this week among the days that are left. */
  ofWeek(week: number): number;
  /** The week at a place, within the plan. */
  weekAt(x: number): number;
  /** The first day of each month on screen. */
  readonly months: readonly { readonly x: number; readonly date: CivilDate }[];
  readonly right: number;
  readonly left: number;
}

/** The scale of a stretch of weeks over some width. */
export function scaleOf(weeks: Weeks, { from, count }: Stretch, width: number): Scale {
  const perWeek = Math.max(1, (width - LABELS) / count);
  const start = weeks.monday + from * 7;
  const ofDay = (day: DayNumber): number => LABELS + ((day - start) / 7) * perWeek;
  const months: { x: number; date: CivilDate }[] = [];
  const { year, month } = civilFromDays(start);
  for (let next = 0; next < 16; next += 1) {
    const first = daysFromCivil(year + Math.floor((month + next - 1) / 12), ((month + next - 1) % 12) + 1, 1);
    if (first >= start + count * 7) break;
    months.push({ x: Math.max(LABELS, ofDay(first)), date: toCivilDate(Math.max(first, start)) });
  }
  return {
    perWeek,
    ofDay,
    ofDate: (date) => ofDay(toDay(date)),
    weekStart: (week) => LABELS + (week - from) * perWeek,
    ofWeek: (week) => {
      const middle = LABELS + (week - from + 0.5) * perWeek;
      return week === 0 ? Math.max(middle, ofDay(weeks.today + 0.5)) : middle;
    },
    weekAt: (x) => {
      const week = from + Math.floor((x - LABELS) / perWeek);
      return Math.min(weeks.count - 1, Math.max(0, week));
    },
    // A month of which hardly anything is on screen has no room for its name.
    months: months.filter(({ x }, index) => (months[index + 1]?.x ?? Infinity) - x > MONTH_NAME),
    left: LABELS,
    right: LABELS + count * perWeek,
  };
}
