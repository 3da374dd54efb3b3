import type { DayNumber } from '../../calendar/civilDate.ts';
import { weekdayFromMonday } from '../../house/household.ts';

/** Whether a day is a Saturday or a Sunday. */
export const isWeekend = (day: DayNumber): boolean => weekdayFromMonday(day) >= 5;

/** Weeks from today's on, Monday to Sunday; today's is 0 and has its remaining days. */
export class Weeks {
  readonly today: DayNumber;
  readonly count: number;
  /** The Monday of today’s week. */
  readonly monday: DayNumber;

  constructor(today: DayNumber, count: number) {
    this.today = today;
    this.count = count;
    this.monday = today - weekdayFromMonday(today);
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

  /** The first day of a week that is still to come: its Monday, or today. */
  first(week: number): DayNumber {
    return Math.max(this.today, this.monday + week * 7);
  }
}
