import { assertNever } from '../basics/result.ts';
import { toCivilDate, toDay, type DayNumber } from '../calendar/civilDate.ts';
import { addSpan, type Span } from '../calendar/span.ts';
import type { Reason } from './reason.ts';
import type { Window } from './window.ts';

/** The derivation so far: what the rule counts from, and the window once it has one. */
interface Derivation {
  anchor: DayNumber;
  every: Span | null;
  earliest: DayNumber;
  due: DayNumber;
  latest: DayNumber;
}

/**
 * Takes the steps of a derivation again from their own inputs, not from the dates they noted. What it returns must be
 * the window that carries the reasons: the proof that the reasons shown are the reasons used.
 */
export function recompute(reasons: readonly Reason[]): Window {
  const state: Derivation = { anchor: 0, every: null, earliest: 0, due: 0, latest: 0 };
  for (const reason of reasons) takeStep(state, reason);
  return {
    earliest: toCivilDate(state.earliest),
    due: toCivilDate(state.due),
    latest: toCivilDate(state.latest),
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
    case 'season':
      state.due = toDay(reason.on) + reason.offsetDays;
      return;
    case 'age':
      state.due = addSpan(toDay(reason.on), reason.lifespan);
      return;
    case 'usage':
      state.due = toDay(reason.reading?.on ?? reason.resetOn) + reason.ahead;
      return;
    case 'called':
    case 'trigger':
      state.due = toDay(reason.on) + reason.respondDays;
      return;
    case 'caughtUp':
    case 'openedAgain':
    case 'printedEnd':
    case 'noRecord':
    case 'ageUnknown':
    case 'termsBegan':
    case 'notBeforeToday':
    case 'listed':
    case 'clockChange':
      state.due = toDay(reason.due);
      return;
    case 'lesser':
    case 'stateSince':
      return;
    default:
      moveWindow(state, reason);
  }
}

type Move = Extract<
  Reason,
  { kind: 'window' | 'putOff' | 'pause' | 'gate' | 'runBegins' | 'worthUntil' | 'pull' | 'bound' | 'handy' }
>;

function moveWindow(state: Derivation, reason: Move): void {
  switch (reason.kind) {
    case 'window':
      state.earliest = state.due - reason.early;
      state.latest = state.due + reason.grace;
      return;
    case 'putOff':
      state.due = toDay(reason.due);
      state.earliest = Math.min(state.earliest, state.due);
      state.latest = Math.max(state.latest, state.due);
      return;
    case 'pause':
      shiftTo(state, toDay(reason.to));
      state.earliest = state.due;
      return;
    case 'gate': {
      shiftTo(state, toDay(reason.opens));
      if (reason.runFrom !== null) state.earliest = Math.max(state.earliest, toDay(reason.runFrom));
      return;
    }
    case 'runBegins':
      state.earliest = toDay(reason.earliest);
      return;
    case 'worthUntil':
      state.latest = Math.min(state.latest, toDay(reason.on));
      return;
    case 'pull':
      state.due = Math.max(toDay(reason.today), toDay(reason.on) - 1);
      state.earliest = Math.min(state.earliest, state.due);
      return;
    case 'bound':
      state.earliest = toDay(reason.leads.earliest);
      state.due = toDay(reason.leads.due);
      state.latest = toDay(reason.leads.latest);
      if (reason.graceDays !== null) state.latest = Math.min(state.latest, state.due + reason.graceDays);
      return;
    case 'handy':
      state.due = Math.max(
        toDay(reason.leadDue),
        state.earliest,
        reason.today ? toDay(reason.today) : -Infinity,
      );
      return;
  }
  assertNever(reason);
}

/** Moves the window, its length kept, so that it is due on a day. */
function shiftTo(state: Derivation, day: DayNumber): void {
  const by = day - state.due;
  state.due += by;
  state.earliest += by;
  state.latest += by;
}

function plainDate(state: Derivation): DayNumber {
  if (!state.every) throw new Error('a plain date needs the interval step before it');
  return addSpan(state.anchor, state.every);
}
