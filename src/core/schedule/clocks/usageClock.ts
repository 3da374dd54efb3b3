import { toCivilDate, type DayNumber } from '../../calendar/civilDate.ts';
import { daysToRun } from '../../climate/runHours.ts';
import type { ClockMark, Renewal } from '../mark.ts';
import type { Reason, Sleep } from '../reason.ts';
import type { UsageRule } from '../../practice/rule.ts';
import { marginsOf } from '../window.ts';
import {
  NOT_LISTED,
  type ClockContext,
  type MeterReading,
  type Opens,
  type RuleDate,
  type Taken,
} from './clock.ts';
import { notBeforeTerms } from './restarting.ts';
import { Unlisted } from './unlisted.ts';

/** Projections end after ten years: a plant that hardly runs has no date. */
const MOST_DAYS_AHEAD = 3_653;

/** When a meter has run its limit since it was last done; never done, since the adoption. */
export class UsageClock extends Unlisted {
  private reset: { readonly day: DayNumber; readonly entryId: string };
  private startsAt: number | null = null;
  private readonly readings: readonly MeterReading[];

  constructor(
    private readonly rule: UsageRule,
    private readonly context: ClockContext,
  ) {
    super();
    this.reset = context.adoption;
    this.readings = context.meters.get(rule.meter) ?? [];
  }

  date(): RuleDate | null {
    const { day: resetDay, entryId } = this.reset;
    // The meter at the reset is the last reading up to that day; one nobody had read stood at nought.
    const from = this.startsAt ?? this.readings.findLast(({ day }) => day <= resetDay)?.value ?? 0;
    const since = this.readings.filter(({ day }) => day > resetDay);
    const reached = since.find(({ value }) => value >= from + this.rule.limit);
    const last = reached ?? since.at(-1);
    const ahead = reached
      ? 0
      : this.daysAhead(last?.day ?? resetDay, from + this.rule.limit - (last?.value ?? from));
    if (ahead === null) return null;
    const due = (last?.day ?? resetDay) + ahead;
    const reasons: Reason[] = [
      {
        kind: 'usage',
        meter: this.rule.meter,
        limit: this.rule.limit,
        from,
        resetOn: toCivilDate(resetDay),
        reading: last ? { on: toCivilDate(last.day), value: last.value } : null,
        expected: reached ? null : (this.rule.expectedPerDay ?? null),
        ahead,
        due: toCivilDate(due),
      },
    ];
    const basisDays = this.nominalDays() ?? due - resetDay;
    return {
      key: `${this.context.dutyId}:${entryId}`,
      day: notBeforeTerms(due, this.context.start, reasons),
      margins: marginsOf({ kind: 'interval', days: basisDays }, this.context.timing),
      basisDays,
      reasons,
      baseline: false,
      clock: 'restarts',
      asks: 'work',
      ...NOT_LISTED,
    };
  }

  sleep = (): Sleep => ({ kind: 'meter', meter: this.rule.meter, limit: this.rule.limit });

  take(mark: ClockMark, opens: Opens | null): Taken {
    if (mark.kind === 'renewal') return this.renew(mark);
    if (mark.kind !== 'completion' || mark.how === 'looked') return 'extra';
    this.reset = mark;
    this.startsAt = null;
    return opens === null ? 'counts' : 'answers';
  }

  /** A new unit's meter begins at nought, and so does its count. */
  private renew({ how, day, entryId }: Renewal): Taken {
    if (how === 'replaced') [this.reset, this.startsAt] = [{ day, entryId }, 0];
    return 'counts';
  }

  /** The interval in days is the limit over the expected rate. */
  private nominalDays(): number | null {
    const { expectedPerDay: rate, limit } = this.rule;
    if (typeof rate === 'number') return limit / rate;
    return rate === undefined ? null : this.daysAhead(this.reset.day, limit);
  }

  /** Days from `day` until `hours` more have run, rounded up; null where they never will. */
  private daysAhead(day: DayNumber, hours: number): number | null {
    const { expectedPerDay: rate } = this.rule;
    // A hair's breadth, so that 300 / 0.1 does not become a day more by binary fractions.
    if (typeof rate === 'number') return Math.ceil(hours / rate - 1e-9);
    if (rate === undefined || !this.context.figures) return null;
    return daysToRun(this.context.figures, rate, { from: day, wanted: hours, most: MOST_DAYS_AHEAD });
  }
}
