import { toCivilDate, type DayNumber } from '../../calendar/civilDate.ts';
import { daysToRun } from '../../climate/runHours.ts';
import type { RuleEvent, Renewal } from './dutyEvent.ts';
import type { Reason, Sleep } from '../reason.ts';
import type { UsageRule } from '../../practice/rule.ts';
import { marginsOf } from '../window.ts';
import {
  asNumber,
  AT_FIRST,
  isWork,
  restartedOn,
  restartOf,
  type Cause,
  type Course,
  type Happening,
  NO_MARGINS,
} from './course.ts';
import type { RuleDate } from './ruleDate.ts';
import { memoryOf, type RuleMemory } from './ruleMemory.ts';
import type { MeterReading, Opens, RuleContext, Taken } from './ruleState.ts';
import { restartingDate } from './restarting.ts';
import { Unlisted } from './unlisted.ts';

/** Projections end after ten years: a plant that hardly runs has no date. */
const MOST_DAYS_AHEAD = 3_653;

interface Reset {
  readonly day: DayNumber;
  readonly entryId: string;
}

/** A meter from its reset on: where it stood, its last reading since, and how many days after that it reaches the limit. */
interface Run {
  readonly from: number;
  readonly last: MeterReading | null;
  readonly reached: boolean;
  readonly ahead: number;
  readonly due: DayNumber;
}

/** When a meter has run its limit since it was last done; never done, since the adoption. */
export class UsageState extends Unlisted {
  private reset: Reset;
  private startsAt: number | null = null;
  private readonly readings: readonly MeterReading[];

  constructor(
    private readonly rule: UsageRule,
    private readonly context: RuleContext,
  ) {
    super();
    this.reset = context.duty.adoption;
    this.readings = context.duty.meters.get(rule.meter) ?? [];
  }

  date(): RuleDate | null {
    return this.dateAfter(this.reset, this.startsAt);
  }

  /** The date that follows a reset; null where the meter will never reach its limit. */
  dateAfter(reset: Reset, startsAt: number | null): RuleDate | null {
    const run = this.runFrom(reset, startsAt);
    if (!run) return null;
    const { duty, start } = this.context;
    const { dutyId, timing } = duty;
    const basisDays = this.nominalDays(reset.day) ?? run.due - reset.day;
    return restartingDate({
      key: `${dutyId}:${reset.entryId}`,
      due: run.due,
      start,
      margins: marginsOf({ kind: 'interval', days: basisDays }, timing),
      basisDays,
      explain: (told) => {
        told.push(this.reason(reset, run));
      },
    });
  }

  course(): Course {
    return new UsageCourse(this);
  }

  remember(): RuleMemory {
    const { day, entryId } = this.reset;
    return { kind: 'usage', reset: { day, entryId }, startsAt: this.startsAt };
  }

  recall(memory: RuleMemory): void {
    ({ reset: this.reset, startsAt: this.startsAt } = memoryOf(memory, 'usage'));
  }

  /** How the meter runs from a reset to its limit. */
  private runFrom({ day: resetDay }: Reset, startsAt: number | null): Run | null {
    // The meter at the reset is the last reading up to that day; one nobody had read stood at nought.
    const from = startsAt ?? this.readings.findLast(({ day }) => day <= resetDay)?.value ?? 0;
    const since = this.readings.filter(({ day }) => day > resetDay);
    const reached = since.find(({ value }) => value >= from + this.rule.limit);
    const last = reached ?? since.at(-1) ?? null;
    const at = last?.day ?? resetDay;
    const ahead = reached ? 0 : this.daysAhead(at, from + this.rule.limit - (last?.value ?? from));
    return ahead === null ? null : { from, last, reached: reached !== undefined, ahead, due: at + ahead };
  }

  private reason({ day }: Reset, { from, last, reached, ahead, due }: Run): Reason {
    return {
      kind: 'usage',
      meter: this.rule.meter,
      limit: this.rule.limit,
      from,
      resetOn: toCivilDate(day),
      reading: last ? { on: toCivilDate(last.day), value: last.value } : null,
      expected: reached ? null : (this.rule.expectedPerDay ?? null),
      ahead,
      due: toCivilDate(due),
    };
  }

  sleep = (): Sleep => ({ kind: 'meter', meter: this.rule.meter, limit: this.rule.limit });

  take(event: RuleEvent, opens: Opens | null): Taken {
    if (event.kind === 'renewal') return this.renew(event);
    if (event.kind !== 'completion' || event.how === 'looked') return 'extra';
    this.reset = event;
    this.startsAt = null;
    return opens === null ? 'counts' : 'answers';
  }

  /** A new unit's meter begins at nought, and so does its count. */
  private renew({ how, day, entryId }: Renewal): Taken {
    if (how === 'replaced') [this.reset, this.startsAt] = [{ day, entryId }, 0];
    return 'counts';
  }

  /** The interval in days is the limit over the expected rate. */
  private nominalDays(resetDay: DayNumber): number | null {
    const { expectedPerDay: rate, limit } = this.rule;
    if (typeof rate === 'number') return limit / rate;
    return rate === undefined ? null : this.daysAhead(resetDay, limit);
  }

  /** Days from `day` until `hours` more have run, rounded up; null where they never will. */
  private daysAhead(day: DayNumber, hours: number): number | null {
    const { expectedPerDay: rate } = this.rule;
    // A hair's breadth, so that 300 / 0.1 does not become a day more by binary fractions.
    if (typeof rate === 'number') return Math.ceil(hours / rate - 1e-9);
    if (rate === undefined || !this.context.home.figures) return null;
    return daysToRun(this.context.home.figures, rate, { from: day, wanted: hours, most: MOST_DAYS_AHEAD });
  }
}

class UsageCourse implements Course {
  due: DayNumber = Infinity;
  margins = NO_MARGINS;
  cause: Cause = AT_FIRST;
  readonly asks = 'work';
  readonly asksAge = false;
  readonly plain = true;
  private readonly first: RuleDate | null;

  constructor(private readonly state: UsageState) {
    this.first = state.date();
    this.become(this.first);
  }

  step(day: DayNumber, what: Happening): void {
    if (!isWork(what)) return;
    this.cause = restartedOn(day, what);
    this.become(this.dateOf(this.cause));
  }

  dateOf(cause: Cause): RuleDate | null {
    if (cause === AT_FIRST) return this.first;
    const day = restartOf(asNumber(cause));
    return this.state.dateAfter({ day, entryId: toCivilDate(day) }, null);
  }

  private become(date: RuleDate | null): void {
    this.due = date?.day ?? Infinity;
    this.margins = date?.margins ?? NO_MARGINS;
  }
}
