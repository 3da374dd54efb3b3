import type { ClimatePlace } from '../../../src/core/climate/climate.ts';
import type { Doer } from '../../../src/core/practice/terms.ts';
import type { HouseKind } from '../../../src/core/walkthrough/houseKind.ts';
import type { WalkState } from '../../../src/core/walkthrough/walkState.ts';

/**
 * When a task first comes: in the first week (`now`), within the first six (`soon`), in a month or between two (`2027-03`,
 * `2027-03..2027-05`), later than a year from now (`years`), or when something happens (`event`).
 */
export type First = 'now' | 'soon' | 'years' | 'event' | `${number}-${string}`;

/** A task as a practitioner would write it down: what, by which approach, who, when first, and why. */
export type Written = readonly [practice: string, school: string, doer: Doer, first: First, why: string];

/** A house begun on a day by people of some experience, with the plan written for it beforehand. */
export interface BegunHouse {
  readonly words: string;
  readonly begun: string;
  readonly place: ClimatePlace;
  readonly kind: HouseKind;
  readonly said: WalkState['answers'];
  readonly plan: readonly Written[];
  /** Work a careless plan would hold, and why it does not belong here. */
  readonly never: Readonly<Record<string, string>>;
}
