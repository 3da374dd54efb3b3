import type { DayNumber } from '../../calendar/civilDate.ts';
import type { Occurrence } from '../occurrence.ts';
import { toOccurrence } from '../replay/toOccurrence.ts';
import { listsDates, takesEarliest } from '../../practice/rule.ts';
import { shared } from '../replay/bound.ts';
import type { DutyReplay } from '../replay/dutyReplay.ts';
import type { Reason } from '../reason.ts';
import { occurrenceOf, type Cause, type Course } from '../rules/course.ts';
import { LIFE_SAFETY_GRACE_DAYS, type Days } from '../window.ts';
import type { Explain, Lead } from './columns.ts';
import { Names } from './names.ts';
import { NO_LEADS } from './rows.ts';

/** One duty that goes on by its rule alone. */
export class Walker {
  /** Whether its windows are its margins and no more. */
  private readonly isPlain: boolean;
  private readonly isGated: boolean;
  private readonly graceDays: number;
  private readonly lists: boolean;
  private readonly names: Names | null;
  /** Its present cause, where that has been noted since the last step. */
  private noted: Cause | null = null;

  constructor(
    readonly member: DutyReplay,
    readonly course: Course,
    /** Its place in its group. */
    readonly index: number,
    /** Its place in the columns. */
    readonly duty: number,
  ) {
    this.isGated = member.isGated;
    this.isPlain = course.plain && !this.isGated;
    const rule = member.lastRule;
    this.lists = rule !== null && listsDates(rule);
    this.names = rule !== null && takesEarliest(rule) ? new Names(member, course) : null;
    this.graceDays = member.history.timing.lifeSafety ? LIFE_SAFETY_GRACE_DAYS : Infinity;
  }

  /** Its own window; null where nothing more is due. */
  window(): Days | null {
    const { course } = this;
    const { due, margins } = course;
    if (!course.plain) return this.member.placedOf(course.dateOf(course.cause));
    if (due === Infinity) return null;
    if (this.isGated) return this.member.daysOf(due, margins);
    return { earliest: due - margins.early, due, latest: due + margins.grace };
  }

  /** The window of the one that leads, as it is for this one. */
  within({ earliest, due, latest }: Days): Days {
    return { earliest, due, latest: Math.min(latest, due + this.graceDays) };
  }

  /** Its first date has a key already. */
  begin(key: string): void {
    this.names?.begin(key);
  }

  /** The cause of its present date. */
  cause(): Cause {
    const { cause } = this.course;
    if (!this.names) return cause;
    this.noted = cause;
    this.names.note(cause);
    return cause;
  }

  /** Goes on to a day on which it is done. */
  step(day: DayNumber): void {
    const { course } = this;
    if (this.names && this.noted === null) this.names.note(course.cause);
    this.noted = null;
    course.step(day, course.asks === 'look' && !course.asksAge ? 'look' : 'done', true);
  }

  /** Tells key and reasons of its dates. */
  readonly explain: Explain = (cause, window, lead) => {
    if (!this.isPlain || lead) return this.named(this.explainPlaced(cause, lead), cause);
    const occurrence = this.course.tell?.(cause, window) ?? occurrenceOf(this.course.dateOf(cause), window);
    // Only a listed date can have ended before: what restarts is named by a day that is still to come.
    if (!this.lists) return this.named(occurrence, cause);
    return this.named(withKey(occurrence, this.member.unusedKey(occurrence.key)), cause);
  };

  private named(occurrence: Occurrence, cause: Cause): Occurrence {
    return withKey(occurrence, this.names?.of(cause) ?? occurrence.key);
  }

  private explainPlaced(cause: Cause, lead: Lead | null): Occurrence {
    const steps: Reason[] = [];
    const placed = this.member.placedOf(this.course.dateOf(cause), steps);
    if (!placed) throw new Error('what was stepped to has a window');
    if (!lead) return toOccurrence(placed, NO_LEADS, steps);
    const moved = shared(placed, lead.days, lead.dutyId, this.member);
    steps.push(...moved.moved);
    return toOccurrence(moved, NO_LEADS, steps);
  }
}

const withKey = (occurrence: Occurrence, key: string): Occurrence =>
  key === occurrence.key ? occurrence : { ...occurrence, key };
