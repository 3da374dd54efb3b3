import { toCivilDate, toDay, type CivilDate, type DayNumber } from '../calendar/civilDate.ts';
import type { DutyHistory, Completion } from './history.ts';
import type { CalendarPlace } from './listing.ts';
import { OccurrenceSource, opensOn, type Occurrence } from './occurrence.ts';
import type { WindowTerms } from './window.ts';

/** A listed date that was never done before the next one's window opened. Counted, not stacked. */
export interface Missed {
  readonly key: string;
  readonly due: CivilDate;
  readonly closedOn: CivilDate;
}

/** A completion before the window opened: it satisfies nothing. */
export interface Extra {
  readonly entryId: string;
  readonly on: CivilDate;
}

/** An occurrence that was done or skipped. `daysLate` is negative when it was done before its due day. */
export interface Satisfied {
  readonly key: string;
  readonly entryId: string;
  readonly due: CivilDate;
  readonly on: CivilDate;
  readonly how: Completion['how'];
  readonly daysLate: number;
}

/** What stands for one duty on a day. `occurrence` is null once it is retired, or where its rule lists nothing more. */
export interface DutyProjection {
  readonly dutyId: string;
  readonly occurrence: Occurrence | null;
  readonly retired: boolean;
  readonly missed: readonly Missed[];
  readonly extras: readonly Extra[];
  readonly satisfied: readonly Satisfied[];
  /** The first later day on which this answer changes by itself; its standing, which follows from window and day, apart. */
  readonly changesOn: CivilDate | null;
}

/** Replays a duty's history up to `today`. Pure: the same arguments give the same answer. */
export function projectDuty(
  dutyId: string,
  history: DutyHistory,
  windowTerms: WindowTerms,
  place: CalendarPlace,
  today: CivilDate,
): DutyProjection {
  const replay = new Replay(new OccurrenceSource(dutyId, history, windowTerms, place), history);
  const end = Math.min(toDay(today), history.retiredOn ?? Infinity);
  for (const completion of history.completions) {
    if (completion.day > end) break;
    replay.complete(completion);
  }
  replay.closeMissed(end);
  const retired = history.retiredOn !== null && history.retiredOn <= toDay(today);
  return {
    dutyId,
    occurrence: retired ? null : replay.outstanding,
    retired,
    missed: replay.missed,
    extras: replay.extras,
    satisfied: replay.satisfied,
    changesOn: retired ? null : replay.changesOn(),
  };
}

class Replay {
  outstanding: Occurrence | null;
  readonly missed: Missed[] = [];
  readonly extras: Extra[] = [];
  readonly satisfied: Satisfied[] = [];
  private last: Completion | null = null;

  constructor(
    private readonly source: OccurrenceSource,
    history: DutyHistory,
  ) {
    this.owedFrom = history.adoption.day;
    this.outstanding = source.next(0, this.owedFrom, null);
  }
  private readonly owedFrom: DayNumber;

  /** When the next occurrence's window opens, an older one never done is closed as missed. */
  closeMissed(upTo: DayNumber): void {
    while (this.outstanding) {
      const next = this.source.following(this.outstanding, this.last);
      if (!next || opensOn(next) > upTo) return;
      this.missed.push({
        key: this.outstanding.key,
        due: this.outstanding.window.due,
        closedOn: next.window.earliest,
      });
      this.outstanding = next;
    }
  }

  complete(completion: Completion): void {
    this.closeMissed(completion.day);
    const current = this.outstanding;
    this.last = completion;
    if (!current) return;
    const on = toCivilDate(completion.day);
    if (current.clock === 'listed' && completion.day < opensOn(current)) {
      this.extras.push({ entryId: completion.entryId, on });
      return;
    }
    const { key, window } = current;
    const daysLate = completion.day - toDay(window.due);
    this.satisfied.push({
      key,
      entryId: completion.entryId,
      due: window.due,
      on,
      how: completion.how,
      daysLate,
    });
    const listedFrom =
      current.clock === 'listed' ? Math.max(current.ruleDay + 1, this.owedFrom) : this.owedFrom;
    this.outstanding = this.source.next(current.segment, listedFrom, completion);
  }

  changesOn(): CivilDate | null {
    const next = this.outstanding && this.source.following(this.outstanding, this.last);
    return next ? next.window.earliest : null;
  }
}
