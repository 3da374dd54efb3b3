import type { CivilDate, DayNumber } from '../../calendar/civilDate.ts';
import type { UnitAge } from '../../house/unitAge.ts';

/** A day the duty was done, or knowingly left undone, or what it is about was looked at. */
export interface Completion {
  readonly kind: 'completion';
  readonly entryId: string;
  readonly day: DayNumber;
  readonly how: 'done' | 'skipped' | 'looked';
  /** The occurrence it was done for, where the person said: one done early because frost was forecast. */
  readonly occurrence: string | null;
}

/** The result of a look at the asset: a finding by name, or a reading of a measure. */
export interface Look {
  readonly kind: 'look';
  readonly entryId: string;
  readonly day: DayNumber;
  readonly finding: string | null;
  /** A finding judged to call for action, by whatever name. */
  readonly calls: boolean;
  /** It names this duty, so that it is a look of it whatever was found. */
  readonly ofDuty: boolean;
  readonly measure: string | null;
  readonly value: number;
}

/** The unit was replaced; or its age was learnt. */
export interface Renewal {
  readonly kind: 'renewal';
  readonly entryId: string;
  readonly day: DayNumber;
  readonly how: 'replaced' | 'told';
  readonly unit: UnitAge;
}

export interface Pausing {
  readonly kind: 'paused' | 'resumed';
  readonly day: DayNumber;
}

/** A season state has changed: a half of a pair begins or ceases to exist. */
export interface StateTurn {
  readonly kind: 'turn';
  readonly day: DayNumber;
  readonly exists: boolean;
}

export interface PuttingOff {
  readonly kind: 'putOff';
  readonly day: DayNumber;
  readonly occurrence: string;
  readonly to: CivilDate;
  readonly why: string;
}

/** Anything that happened to a duty, in the order it happened. */
export type DutyEvent = Completion | Look | Renewal | Pausing | StateTurn | PuttingOff;
export type RuleEvent = Completion | Look | Renewal;
