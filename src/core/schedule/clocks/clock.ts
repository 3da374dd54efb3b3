import type { DayNumber } from '../../calendar/civilDate.ts';
import type { HomeSeasons } from '../../climate/homeSeasons.ts';
import type { StationClimate } from '../../climate/stationClimate.ts';
import type { Trigger } from '../../climate/weather.ts';
import type { CalendarPlace } from '../listing.ts';
import type { FreezeRisk } from '../../climate/anchor.ts';
import type { UnitAge } from '../../house/unitAge.ts';
import type { ClockMark } from '../mark.ts';
import type { Reason, Sleep } from '../reason.ts';
import type { WorthUntil } from '../../practice/rule.ts';
import type { Factor } from '../../practice/terms.ts';
import type { Timing } from '../../practice/timing.ts';
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
  /** The risk at which its rule counts freezes. */
  readonly risk: FreezeRisk;
  /** The last day on which it still makes sense; null where nothing is said. */
  readonly worth: Worth | null;
  /** Owed although its listed date has passed: its window begins on the day it is owed from. */
  readonly owed: 'caughtUp' | 'openedAgain' | null;
}

/** A worth-until day and the rule it is from. */
export interface Worth {
  readonly until: DayNumber;
  readonly by: WorthUntil;
}

/** What a date of a rule that restarts never has. */
export const NOT_LISTED = { before: null, risk: 10, worth: null, owed: null } as const;

/** What ends an outstanding occurrence never done: the window of the next date opens, or it makes no sense any more. */
export interface NextDate {
  /** The next date; null where there is none or it is not the reason. */
  readonly date: RuleDate | null;
  readonly on: DayNumber;
  pass(): void;
}

/** The day on which the window of a date opens. */
export type Opens = (date: RuleDate) => DayNumber;

/** How the dates of a rule stand once everything moved them. */
export interface Sight {
  readonly opens: Opens;
  /** The last day on which an occurrence can still be done: its worth-until day, or a later one chosen for it. */
  expires(date: RuleDate): DayNumber;
  /** Whether a date comes to nothing, because it would open only after its worth-until day. */
  passesOver(date: RuleDate): boolean;
}

/**
 * What something that happened was to a rule. answers: it satisfied what was outstanding; counts: it restarted a clock or was a look,
 * and is no extra; extra: it was nothing to this rule.
 */
export type Taken = 'answers' | 'counts' | 'extra';

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
  readonly sight: Sight;
  readonly meters: ReadonlyMap<string, readonly MeterReading[]>;
  /** What is known of the first unit's age. */
  readonly unit: UnitAge;
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
  /** What ends the outstanding one; dates from `end` on are those of later terms. */
  next(end: DayNumber): NextDate | null;
  /** Takes in what happened. `opens` is null where nothing is shown or other terms are in force: then listed dates stay as they are. */
  take(mark: ClockMark, opens: Opens | null): Taken;
  /** The duty is adopted: a listed date that passed shortly before may be owed still. */
  adopt(): void;
  /** Listed dates before a day are not owed. */
  dropBefore(day: DayNumber): void;
  /** Nothing was to be done from `from` up to and without `to`: listed dates inside are not owed. */
  pause(from: DayNumber, to: DayNumber): void;
  /** What it is about was opened: its last listed date is owed again while it makes sense. Returns the keys owed again. */
  reopen(day: DayNumber): readonly string[];
  /** Its first listed date from a day on, whatever was done; and its last one up to a day. Null: it lists none. */
  listedFrom(day: DayNumber): DayNumber | null;
  listedUpTo(day: DayNumber): DayNumber | null;
  /** What moves its dates has changed. */
  forget(): void;
}
