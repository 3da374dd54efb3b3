import type { DayNumber } from '../../calendar/civilDate.ts';
import type { Trigger } from '../../climate/weather.ts';
import type { Duty } from '../../house/house.ts';
import type { MeterReading } from '../rules/ruleState.ts';
import type { UnitAge } from '../../house/unitAge.ts';
import type { DutyEvent } from '../rules/dutyEvent.ts';
import type { StateLine } from './seasonState.ts';
import type { Terms } from '../../practice/terms.ts';
import type { DutyMemory } from './dutyMemory.ts';
import type { Wear } from './wear.ts';
import type { Timing } from '../../practice/timing.ts';

/** Terms in force from `start` (included) to `end` (excluded). The first terms of a duty hold for all time before. */
export interface TermsSegment {
  readonly terms: Terms;
  readonly start: DayNumber;
  readonly end: DayNumber;
}

/** All the ledger says of one duty up to a day. */
export interface DutyHistory {
  readonly duty: Duty;
  readonly timing: Timing;
  readonly adoption: { readonly entryId: string; readonly day: DayNumber };
  readonly segments: readonly TermsSegment[];
  /** Events in order, each with its place among all events of the house. */
  readonly events: readonly { readonly order: number; readonly event: DutyEvent }[];
  readonly retiredOn: DayNumber | null;
  /** Where among all that happened a proposal was last turned down: only what is looked at after that speaks again. */
  readonly dismissedAt: number | null;
  readonly unit: UnitAge;
  /** All that is known of its wear by what happened before a place among all that happened. */
  wearBefore(order: number): Wear;
  /** Where its replay goes on from; null where it is replayed from the beginning. */
  readonly memory: DutyMemory | null;
  readonly meters: ReadonlyMap<string, readonly MeterReading[]>;
}

/** Since when a trait has been as it is; a trait may be unknown. */
export interface TraitChange {
  readonly day: DayNumber;
  readonly value: string | number | boolean | null;
}

/** The ledger's content about the house as a whole up to a day. */
export interface HouseHistory {
  readonly duties: readonly DutyHistory[];
  readonly triggers: readonly Trigger[];
  readonly traits: ReadonlyMap<string, readonly TraitChange[]>;
  /** By the first unit's asset and the state's code, joined by a space. */
  readonly states: ReadonlyMap<string, StateLine>;
  readonly stock: ReadonlyMap<string, number>;
}

export const stateKey = (rootAsset: string, state: string): string => `${rootAsset} ${state}`;
