import type { CivilDate, DayNumber } from '../../calendar/civilDate.ts';
import type { Completion, PuttingOff } from '../rules/dutyEvent.ts';
import type { DutyMemory } from './dutyMemory.ts';
import type { PausedRun } from './place.ts';

/** A listed date that was never done before the next one's window opened, or while it made sense. Counted, not stacked. */
export interface Missed {
  readonly key: string;
  readonly due: CivilDate;
  readonly closedOn: CivilDate;
}

/** A completion that satisfied nothing: done before the window opened, or with nothing outstanding. */
export interface Extra {
  readonly entryId: string;
  readonly on: CivilDate;
}

/** An occurrence that was done, skipped or looked at. `daysLate` is negative when it was done before its due day. */
export interface Satisfied {
  readonly key: string;
  readonly entryId: string;
  readonly due: CivilDate;
  readonly on: CivilDate;
  readonly how: Completion['how'];
  readonly daysLate: number;
}

/** The memory of a duty without the states of its rules: plain data, the same as any other way to the same past. */
export interface DutyState {
  /** The terms in force, by their place. */
  segment: number;
  /** Set where the same rule runs again after listed terms: then those terms started it. */
  suffix: string;
  /** Keys of what was satisfied or missed: what starts by the same entry after that is another occurrence. */
  readonly ended: Set<string>;
  readonly putOffs: Map<string, PuttingOff>;
  readonly pauses: PausedRun[];
  pausedSince: DayNumber | null;
  /** Since when this half of a pair does not exist. */
  hiddenSince: DayNumber | null;
  /** The day this half began to exist, and the day its pair last turned. */
  bornOn: DayNumber;
  turnedOn: DayNumber | null;
  /** The day told of so far: what gates hang on counts only up to it. */
  now: DayNumber;
  /** The key of what once stood open to be done, wherever a gate moved it since. */
  stoodOpen: string | null;
  readonly missed: Missed[];
  readonly extras: Extra[];
  readonly satisfied: Satisfied[];
}

/** The memory before anything happened. */
export const nothingRemembered = (): DutyState => ({
  segment: 0,
  suffix: '',
  ended: new Set(),
  putOffs: new Map(),
  pauses: [],
  pausedSince: null,
  hiddenSince: null,
  bornOn: -Infinity,
  turnedOn: null,
  now: -Infinity,
  stoodOpen: null,
  missed: [],
  extras: [],
  satisfied: [],
});

/** Keys of this many ended occurrences are remembered: rules start anew from what happened since, never from long before. */
const ENDED_REMEMBERED = 60;

/** The state of a duty as it is remembered, less that of its rules. */
export function rememberState(state: DutyState): Omit<DutyMemory, 'rules'> {
  const { now, segment, suffix, pausedSince, hiddenSince, turnedOn, stoodOpen, pauses, missed, extras } =
    state;
  const ended = [...state.ended].slice(-ENDED_REMEMBERED);
  const known = new Set(ended);
  return {
    now,
    segment,
    suffix,
    pausedSince,
    hiddenSince,
    bornOn: Number.isFinite(state.bornOn) ? state.bornOn : null,
    turnedOn,
    stoodOpen,
    ended,
    // Nobody asks to which day an occurrence that ended long ago was put off.
    putOffs: [...state.putOffs].flatMap(([of, putOff]) =>
      state.ended.has(of) && !known.has(of) ? [] : [{ of, putOff }],
    ),
    pauses: [...pauses],
    missed: [...missed],
    extras: [...extras],
  };
}

/** Puts a state back where it was. */
export function recallState(state: DutyState, memory: DutyMemory): void {
  const { ended, putOffs, pauses, missed, extras, rules: _rules, ...plain } = memory;
  Object.assign(state, { ...plain, bornOn: plain.bornOn ?? -Infinity });
  for (const key of ended) state.ended.add(key);
  for (const { of, putOff } of putOffs) state.putOffs.set(of, putOff);
  state.pauses.push(...pauses);
  state.missed.push(...missed);
  state.extras.push(...extras);
}
