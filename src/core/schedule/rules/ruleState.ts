import type { DayNumber } from '../../calendar/civilDate.ts';
import type { HomeSeasons } from '../../climate/homeSeasons.ts';
import type { StationClimate } from '../../climate/stationClimate.ts';
import type { Trigger } from '../../climate/weather.ts';
import type { Listing } from './listing.ts';
import type { CalendarRule } from '../../practice/rule.ts';
import type { UnitAge } from '../../house/unitAge.ts';
import type { RuleEvent } from './dutyEvent.ts';
import type { Sleep } from '../reason.ts';
import type { Course } from './course.ts';
import type { RuleDate } from './ruleDate.ts';
import type { RuleMemory } from './ruleMemory.ts';
import type { Factor } from '../../practice/terms.ts';
import type { Timing } from '../../practice/timing.ts';

/** The event that ends an outstanding occurrence never done: the window of the next date opens, or it makes no sense any more. */
export interface NextDate {
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
 * The effect of an event on a rule. answers: it satisfied what was outstanding; counts: it restarted a clock or was a look,
 * and is no extra; extra: it was nothing to this rule.
 */
export type Taken = 'answers' | 'counts' | 'extra';

/** The facts about its home that a rule needs. */
export interface HomeFacts {
  readonly seasons: HomeSeasons;
  readonly figures: StationClimate | null;
  readonly today: DayNumber;
  readonly triggers: readonly Trigger[];
  /** The dates a rule lists here; rules alike share them. */
  listingOf(rule: CalendarRule): Listing;
}

/** The facts about its duty that a rule needs. */
export interface DutyFacts {
  readonly dutyId: string;
  readonly adoption: { readonly entryId: string; readonly day: DayNumber };
  readonly timing: Timing;
  readonly meters: ReadonlyMap<string, readonly MeterReading[]>;
  /** All that is known of the first unit's age. */
  readonly unit: UnitAge;
}

export interface RuleContext {
  readonly home: HomeFacts;
  readonly duty: DutyFacts;
  /** The day the terms of this rule began. */
  readonly start: DayNumber;
  readonly factors: readonly Factor[];
  readonly sight: Sight;
}

export interface MeterReading {
  readonly day: DayNumber;
  readonly value: number;
}

/** How one rule stands: it is told all that happened, in order, and gives the date outstanding. */
export interface RuleState {
  date(): RuleDate | null;
  /** Why it gives none. */
  sleep(): Sleep | null;
  /** The event that ends the outstanding one; dates from `end` on are those of later terms. */
  next(end: DayNumber): NextDate | null;
  /** Takes in what happened. `opens` is null where nothing is shown or other terms are in force: then listed dates stay as they are. */
  take(event: RuleEvent, opens: Opens | null): Taken;
  /** The duty is adopted: a listed date that passed shortly before may be owed still. */
  adopt(): void;
  /** Listed dates before a day are not owed. */
  dropBefore(day: DayNumber): void;
  /** Nothing was to be done from `from` up to and without `to`: listed dates inside are not owed. */
  pause(from: DayNumber, to: DayNumber): void;
  /** Its thing was opened: its last listed date is owed again while it makes sense. Returns the keys owed again. */
  reopen(day: DayNumber): readonly string[];
  /** Its first listed date from a day on, whatever was done; and its last one up to a day. Null: it lists none. */
  listedFrom(day: DayNumber): DayNumber | null;
  listedUpTo(day: DayNumber): DayNumber | null;
  /** Something that moves its dates has changed. */
  forget(): void;
  /** Its memory of the past. */
  remember(): RuleMemory;
  /** Goes on from what it remembered, nothing having been told yet. */
  recall(memory: RuleMemory): void;
  /** How it goes on from here if all that falls due is done; null where only telling it each day would show. */
  course(): Course | null;
}
