import type { DayNumber } from '../../calendar/civilDate.ts';
import { toOccurrence, type Occurrence } from '../occurrence.ts';
import { listsDates, takesEarliest } from '../../practice/rule.ts';
import { shared } from '../replay/bound.ts';
import type { DutyReplay } from '../replay/dutyReplay.ts';
import type { Placed } from '../replay/place.ts';
import type { Reason } from '../reason.ts';
import type { Cause, Course } from '../rules/course.ts';
import { LIFE_SAFETY_GRACE_DAYS, type Days } from '../window.ts';
import type { Columns, Explain, Lead } from './columns.ts';
import { NO_LEADS } from './rows.ts';

/** One duty that goes on by its rule alone. */
export class Walker {
  /** Whether its windows are its margins and no more. */
  private readonly isPlain: boolean;
  private readonly graceDays: number;
  private readonly lists: boolean;
  private readonly names: Names | null;

  constructor(
    readonly member: DutyReplay,
    readonly course: Course,
    /** Its place in its group. */
    readonly index: number,
    /** Its place in the columns. */
    readonly duty: number,
  ) {
    this.isPlain = course.plain && !member.isGated;
    const rule = member.lastRule;
    this.lists = rule !== null && listsDates(rule);
    this.names = rule !== null && takesEarliest(rule) ? new Names(member) : null;
    this.graceDays = member.history.timing.lifeSafety ? LIFE_SAFETY_GRACE_DAYS : Infinity;
  }

  /** Its own window; null where nothing more is due. */
  window(): Days | null {
    const { course } = this;
    const { due, margins } = course;
    if (this.isPlain)
      return due === Infinity ? null : { earliest: due - margins.early, due, latest: due + margins.grace };
    return this.member.placedOf(course.dateOf(course.cause));
  }

  /** The window of the one that leads, as it is for this one. */
  within({ earliest, due, latest }: Days): Days {
    return { earliest, due, latest: Math.min(latest, due + this.graceDays) };
  }

  /** Its first date has a key already. */
  begin(key: string): void {
    this.names?.begin(key);
  }

  /** What its present date rests on. */
  cause(): Cause {
    const { cause } = this.course;
    if (this.names) this.names.give(cause, this.keyNow() ?? '');
    return cause;
  }

  /** Goes on to a day on which it is done. */
  step(day: DayNumber): void {
    const { course } = this;
    const before = this.names && this.keyNow();
    course.step(day, course.asks === 'look' && !course.asksAge ? 'look' : 'done', true);
    if (this.names && before !== this.keyNow()) this.names.end();
  }

  private keyNow(): string | null {
    return this.course.dateOf(this.course.cause)?.key ?? null;
  }

  /** Tells key and reasons of its dates. */
  readonly explain: Explain = (cause, window, lead) => {
    if (!this.isPlain || lead) return this.named(this.explainPlaced(cause, lead), cause);
    const { key, reasons, baseline, asks } = this.course.tell(cause, window);
    // Only a listed date can have ended before: what restarts is named by a day that is still to come.
    const unused = this.lists ? this.member.unusedKey(key) : key;
    return this.named({ key: unused, window, reasons, baseline, asks, bookBy: null, orderBy: null }, cause);
  };

  private named(occurrence: Occurrence, cause: Cause): Occurrence {
    const key = this.names?.of(cause);
    return key === undefined || key === occurrence.key ? occurrence : { ...occurrence, key };
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

/**
 * Names of what several rules bring about: parts that restarted on one day name their dates alike, and one that ended before another leads
 * leaves that one a name of its own.
 */
class Names {
  private readonly ended = new Set<string>();
  private readonly given = new Map<Cause, string>();
  private last = '';

  constructor(private readonly member: DutyReplay) {}

  give(cause: Cause, base: string): void {
    this.last = this.member.unusedKey(base, this.ended);
    this.given.set(cause, this.last);
  }

  /** The first date has its name already. */
  begin(key: string): void {
    this.last = key;
  }

  end(): void {
    this.ended.add(this.last);
  }

  of(cause: Cause): string | undefined {
    return this.given.get(cause);
  }
}

interface Stepping {
  /** Where they stand at first, by their places in the group, and the day on which that is done. */
  readonly dates: readonly (Placed | null)[];
  readonly day: DayNumber;
  readonly end: DayNumber;
  /** How many are still wanted of each, by their places in the group. */
  readonly left: number[];
}

/** Steps duties on that share their dates: each time all are done on the day the first of them is due. */
export function stepTogether(walkers: readonly Walker[], stepping: Stepping, columns: Columns): void {
  const { dates, day, end, left } = stepping;
  for (const walker of walkers) {
    const placed = dates[walker.index];
    if (placed && isWanted(walker, left))
      columns.add(walker.duty, placed, () => toOccurrence(placed, NO_LEADS));
    columns.explainBy(walker.duty, walker.explain);
    if (placed) walker.begin(placed.date.key);
    walker.step(day);
  }
  const [alone] = walkers;
  if (alone && walkers.length === 1) stepAlone(alone, { day, end, left: left[alone.index] ?? 0 }, columns);
  else stepAll(walkers, { day, end, left }, columns);
}

/** Counts one more of a duty, if one is still wanted. */
function isWanted({ index }: Walker, left: number[]): boolean {
  const count = left[index] ?? 0;
  left[index] = count - 1;
  return count > 0;
}

function stepAlone(
  walker: Walker,
  { day: first, end, left }: { day: DayNumber; end: DayNumber; left: number },
  columns: Columns,
): void {
  let day = first;
  for (let count = 0; count < left && walker.course.due <= end; count += 1) {
    const window = walker.window();
    day = Math.max(window?.due ?? Infinity, day + 1);
    if (!window || day > end) return;
    columns.add(walker.duty, window, walker.cause());
    walker.step(day);
  }
}

function stepAll(
  walkers: readonly Walker[],
  { day: first, end, left }: Omit<Stepping, 'dates'>,
  columns: Columns,
): void {
  let day = first;
  while (walkers.some(({ index }) => (left[index] ?? 0) > 0)) {
    const windows = walkers.map((walker) => walker.window());
    const lead = leadOf(windows);
    day = Math.max(windows[lead]?.due ?? Infinity, day + 1);
    if (day > end) return;
    addShared(walkers, windows, lead, left, columns);
    walkers.forEach((walker, place) => {
      if (windows[place]) walker.step(day);
    });
  }
}

/** Adds what falls due together, all in the window of the one that leads. */
function addShared(
  walkers: readonly Walker[],
  windows: readonly (Days | null)[],
  lead: number,
  left: number[],
  columns: Columns,
): void {
  const [leader, days] = [walkers[lead], windows[lead]];
  if (!leader || !days) return;
  const dutyId = leader.member.history.duty.id;
  walkers.forEach((walker, place) => {
    if (!windows[place] || !isWanted(walker, left)) return;
    const cause = walker.cause();
    if (place === lead) columns.add(walker.duty, days, cause);
    else columns.add(walker.duty, walker.within(days), cause, { dutyId, days });
  });
}

/** The place of the window that is due first; ties go to the first listed. */
function leadOf(windows: readonly (Days | null)[]): number {
  let lead = 0;
  windows.forEach((window, place) => {
    if (window && window.due < (windows[lead]?.due ?? Infinity)) lead = place;
  });
  return lead;
}
