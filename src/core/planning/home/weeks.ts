import type { DayNumber } from '../../calendar/civilDate.ts';

/** The place of a day in its week: 0 is Monday, 6 is Sunday. Day 0, 1970-01-01, was a Thursday. */
export const weekdayOf = (day: DayNumber): number => (((day + 3) % 7) + 7) % 7;

/** Weeks from today's on, Monday to Sunday; today's is 0 and has its remaining days. */
export class Weeks {
  readonly today: DayNumber;
  readonly count: number;
  private readonly monday: DayNumber;

  constructor(today: DayNumber, count: number) {
    this.today = today;
    this.count = count;
    this.monday = today - weekdayOf(today);
  }

  /** The week of a day; below 0 before today's, from `count` on past the horizon. */
  of(day: DayNumber): number {
    return Math.floor((day - this.monday) / 7);
  }

  /** The days of a week that are still to come, today with them. */
  days(week: number): DayNumber[] {
    const first = this.monday + week * 7;
    return Array.from({ length: 7 }, (_, index) => first + index).filter((day) => day >= this.today);
  }
}
