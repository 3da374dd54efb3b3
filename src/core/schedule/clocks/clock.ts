import type { DayNumber } from '../../calendar/civilDate.ts';
import type { HomeSeasons } from '../../climate/homeSeasons.ts';
import type { StationClimate } from '../../climate/stationClimate.ts';
import type { Trigger } from '../../climate/weather.ts';
import type { CalendarPlace } from '../listing.ts';
import type { ClockMark } from '../mark.ts';
import type { Reason, Sleep } from '../reason.ts';
import type { Factor } from '../terms.ts';
import type { Timing } from '../timing.ts';
import type { Margins } from '../window.ts';

/** The date a rule gives, before anything moves it. */
export interface RuleDate {
  readonly key: string;
  readonly day: DayNumber;
  readonly margins: Margins;
  /** The length that shares of the interval are taken from; null for listed dates. */
  readonly basisDays: number | null;
  readonly reasons: readonly Reason[];
  /** Never done and never dated: listed apart, not as an emergency. */
  readonly baseline: boolean;
  readonly clock: 'restarts' | 'listed';
  /** A look only; what it finds may call for the work. */
  readonly asks: 'work' | 'look';
  /** The day a freeze is expected that a closing must be done before. */
  readonly before: DayNumber | null;
}

/** The listed date after the outstanding one, whose opening window ends one never done. */
export interface NextDate {
  readonly date: RuleDate;
  pass(): void;
}

/** The day on which the window of a date opens. */
export type Opens = (date: RuleDate) => DayNumber;

/** What a rule needs to know besides what happened to its duty. */
export interface ClockContext {
  readonly dutyId: string;
  readonly adoption: { readonly entryId: string; readonly day: DayNumber };
  /** The day the terms of this rule began. */
  readonly start: DayNumber;
  readonly factors: readonly Factor[];
  readonly timing: Timing;
  readonly place: CalendarPlace;
  readonly seasons: HomeSeasons;
  readonly figures: StationClimate | null;
  readonly today: DayNumber;
  readonly triggers: readonly Trigger[];
  readonly meters: ReadonlyMap<string, readonly MeterReading[]>;
  /** When the first unit was made or installed; null where nobody knows. */
  readonly made: { readonly day: DayNumber; readonly from: 'made' | 'installed' } | null;
}

export interface MeterReading {
  readonly day: DayNumber;
  readonly value: number;
}

/** One rule counting. It is told all that happens, in order, and gives the date outstanding. */
export interface Clock {
  date(): RuleDate | null;
  /** Why it gives none. */
  sleep(): Sleep | null;
  next(opens: Opens): NextDate | null;
  /**
   * Takes in what happened. `opens` is null where other terms are in force: then listed dates stay as they are. True when it
   * satisfied what was outstanding, false when it was an extra (or nothing to this rule).
   */
  take(mark: ClockMark, opens: Opens | null): boolean;
  /** Listed dates from `from` up to and without `to` are not owed. */
  drop(from: DayNumber, to: DayNumber): void;
}
