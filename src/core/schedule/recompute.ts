import { assertNever } from '../result.ts';
import { toCivilDate, toDay, type CivilDate, type DayNumber } from '../calendar/civilDate.ts';
import { addSpan, type Span } from '../calendar/span.ts';
import type { Reason } from './reason.ts';
import type { Window } from './window.ts';

interface Derivation {
  anchor: DayNumber;
  every: Span | null;
  due: DayNumber;
  early: number;
  grace: number;
  movedTo: CivilDate | null;
}

/**
 * Takes the steps of a derivation again from their own inputs, not from the dates they noted. What it returns must be
 * the window that carries the reasons: the proof that the reasons shown are the reasons used.
 */
export function recompute(reasons: readonly Reason[]): Window {
  const state: Derivation = { anchor: 0, every: null, due: 0, early: 0, grace: 0, movedTo: null };
  for (const reason of reasons) takeStep(state, reason);
  const window: Window = {
    earliest: toCivilDate(state.due - state.early),
    due: toCivilDate(state.due),
    latest: toCivilDate(state.due + state.grace),
  };
  const to = state.movedTo;
  if (to === null) return window;
  return {
    earliest: to < window.earliest ? to : window.earliest,
    due: to,
    latest: to > window.latest ? to : window.latest,
  };
}

function takeStep(state: Derivation, reason: Reason): void {
  switch (reason.kind) {
    case 'lastDone':
      state.anchor = toDay(reason.on);
      return;
    case 'interval':
      state.every = reason.every;
      state.due = addSpan(state.anchor, reason.every);
      return;
    case 'factors':
      state.due = state.anchor + reason.days;
      return;
    case 'floor':
      state.due = state.anchor + reason.floorDays;
      return;
    case 'plainHolds':
      state.due = plainDate(state);
      return;
    case 'noRecord':
    case 'termsBegan':
    case 'listed':
    case 'clockChange':
      state.due = toDay(reason.due);
      return;
    case 'window':
      state.early = reason.early;
      state.grace = reason.grace;
      return;
    case 'putOff':
      state.movedTo = reason.due;
      return;
  }
  assertNever(reason);
}

function plainDate(state: Derivation): DayNumber {
  if (!state.every) throw new Error('a plain date needs the interval step before it');
  return addSpan(state.anchor, state.every);
}
