import { isPastLastDay, toCivilDate, toDay, type DayNumber } from '../../calendar/civilDate.ts';
import type { HomeSeasons } from '../../climate/homeSeasons.ts';
import type { RuleDate } from '../rules/ruleDate.ts';
import { openingOf, type GateFacts } from './gates.ts';
import type { PuttingOff } from '../rules/dutyEvent.ts';
import type { Reason } from '../reason.ts';
import type { Gate, Timing } from '../../practice/timing.ts';
import {
  atMostLifeSafety,
  LIFE_SAFETY_GRACE_DAYS,
  windowReason,
  type Days,
  type Margins,
} from '../window.ts';

/** A date with its window, after every step that is the duty's own. Later steps make another of it. */
export interface Placed {
  readonly date: RuleDate;
  readonly earliest: DayNumber;
  readonly due: DayNumber;
  readonly latest: DayNumber;
  /** Somebody chose this day: what is done on the same trip does not move it. */
  readonly chosen: boolean;
  /** The steps after the duty's own, in order. */
  readonly moved: readonly Reason[];
  /** Adds the steps up to there, worked out again; right as long as nothing else has happened to the duty. */
  explain(told: Reason[]): void;
}

/** A window while steps move it; each is told only where somebody listens. */
interface Moving {
  earliest: DayNumber;
  due: DayNumber;
  latest: DayNumber;
  readonly told: Reason[] | null;
}

/** A placed date while its own steps are taken. */
type Placing = Omit<Placed, 'chosen'> & Moving & { chosen: boolean };

/** Every step of a placed date, in the order taken. */
export function reasonsOf(placed: Placed): Reason[] {
  const told: Reason[] = [];
  placed.explain(told);
  told.push(...placed.moved);
  return told;
}

const NOTHING: readonly Reason[] = [];

/** A time in which nothing was to be done: from the day of pausing up to and without the day of resuming. */
export interface PausedRun {
  readonly from: DayNumber;
  readonly to: DayNumber;
}

export interface PlaceContext {
  readonly timing: Timing;
  readonly seasons: HomeSeasons;
  readonly gateFacts: GateFacts;
  putOff(key: string): PuttingOff | undefined;
  readonly pauses: readonly PausedRun[];
  readonly half: Half | null;
}

/** Why this half of a pair exists, from which day. */
export interface Half {
  readonly reason: Reason;
  readonly since: DayNumber;
}

/** Why a date never comes: a gate that never opens, or a day past the last year that can be written. */
export interface Never {
  readonly never: Gate | 'beyond';
}

/** A date that would open only after the day until which its work makes sense. */
export interface TooLate {
  readonly tooLate: DayNumber;
}

/**
 * Gives a date its window and takes the steps that move it: putting off, pause, gate. `told` takes in the steps as data, where they are
 * wanted.
 */
export function place(
  date: RuleDate,
  context: PlaceContext,
  told: Reason[] | null = null,
): Placed | Never | TooLate {
  const { half } = context;
  const due = half && date.clock === 'restarts' ? Math.max(date.day, half.since) : date.day;
  if (isPastLastDay(due)) return { never: 'beyond' };
  const margins = closingMargins(date, due, context);
  const placed: Placing = {
    date,
    earliest: due - margins.early,
    due,
    latest: due + margins.grace,
    chosen: false,
    moved: NOTHING,
    told,
    explain: (list) => {
      place(date, context, list);
    },
  };
  if (told) {
    date.explain(told);
    if (half) told.push(...halfBegan(half, date, due));
    told.push(windowReason(date.basisDays, margins, written(placed)));
  }
  putOff(placed, context);
  if (context.pauses.length > 0) moveOutOfPauses(placed, context.pauses);
  const passed = passGates(placed, context.timing, context.gateFacts);
  if (passed !== null) return passed;
  if (isPastLastDay(placed.due)) return { never: 'beyond' };
  return cutAtWorth(placed, context);
}

/**
 * The window of a day on which a rule that restarts falls due, out of its pauses and past its gates; null where they never open. The same as
 * {@link place} finds of it, where nothing else moves it.
 */
export function placedDays(
  due: DayNumber,
  { early, grace }: Margins,
  { timing, gateFacts, pauses }: PlaceContext,
): Days | null {
  if (isPastLastDay(due)) return null;
  const moving: Moving = { earliest: due - early, due, latest: due + grace, told: null };
  if (pauses.length > 0) moveOutOfPauses(moving, pauses);
  const passed = passGates(moving, timing, gateFacts);
  return passed === null && !isPastLastDay(moving.due) ? moving : null;
}

/** The last day on which a date can still be done: its worth-until day, or a later one chosen for it. */
export function expires({ worth, key }: RuleDate, { putOff }: Pick<PlaceContext, 'putOff'>): DayNumber {
  if (!worth) return Infinity;
  const chosen = putOff(key);
  return chosen ? Math.max(worth.until, toDay(chosen.to)) : worth.until;
}

/** No window reaches past the day until which its work makes sense; one that would open after it comes to nothing. */
function cutAtWorth(placed: Placing, context: PlaceContext): Placed | TooLate {
  const until = expires(placed.date, context);
  if (placed.due > until) return { tooLate: until };
  const { worth } = placed.date;
  if (placed.latest > until && worth) {
    placed.latest = until;
    const on = toCivilDate(until);
    placed.told?.push({ kind: 'worthUntil', by: worth.by, on, latest: on });
  }
  return placed;
}

/** A half of a pair that begins to exist owes nothing before that day. */
function halfBegan(half: Half, { day }: RuleDate, due: DayNumber): Reason[] {
  return due === day ? [half.reason] : [half.reason, { kind: 'termsBegan', due: toCivilDate(due) }];
}

/** A freeze this far off is another winter's. */
const SAME_AUTUMN = 150;

/** A thing to be closed before the frost has its grace only up to the day before the freeze. */
function closingMargins(
  { margins, before, risk, owed }: RuleDate,
  due: DayNumber,
  { timing, seasons }: PlaceContext,
): Margins {
  if (timing.pair?.half !== 'closes' || (before === null && !timing.freezeGuard)) return margins;
  if (owed !== null) return notPastFreeze(margins, seasons.freezeOnOrAfter(due + 1, risk), due);
  const freeze = before ?? seasons.freezeOnOrAfter(due, risk);
  if (freeze === null || freeze - due > SAME_AUTUMN) return margins;
  const grace = Math.max(0, freeze - 1 - due);
  // Life safety keeps its own grace where that ends first.
  if (timing.lifeSafety && margins.grace <= Math.min(grace, LIFE_SAFETY_GRACE_DAYS)) return margins;
  return atMostLifeSafety({ ...margins, grace, graceBy: 'freeze' }, timing);
}

/** Work owed late has its grace, but not past a freeze still ahead. */
function notPastFreeze(margins: Margins, freeze: DayNumber | null, due: DayNumber): Margins {
  if (freeze === null || freeze - 1 - due >= margins.grace) return margins;
  return { ...margins, grace: freeze - 1 - due, graceBy: 'freeze' };
}

const written = ({ earliest, due, latest }: Days) => ({
  earliest: toCivilDate(earliest),
  due: toCivilDate(due),
  latest: toCivilDate(latest),
});

/** Putting off to a chosen day: earliest stays unless the day is before it, latest becomes the later of itself and the day. */
function putOff(placed: Placing, context: PlaceContext): void {
  const chosen = context.putOff(placed.date.key);
  if (!chosen) return;
  const to = toDay(chosen.to);
  placed.earliest = Math.min(placed.earliest, to);
  placed.due = to;
  placed.chosen = true;
  placed.latest = Math.max(placed.latest, to);
  placed.told?.push({ kind: 'putOff', why: chosen.why, ...written(placed) });
}

/** A date inside a pause moves, window and all, to the day of resuming; nothing could be done before it. */
function moveOutOfPauses(placed: Moving, pauses: readonly PausedRun[]): void {
  const pause = pauses.find(({ from, to }) => placed.due >= from && placed.due < to);
  if (!pause) return;
  placed.latest += pause.to - placed.due;
  placed.due = pause.to;
  placed.earliest = pause.to;
  placed.told?.push({
    kind: 'pause',
    from: toCivilDate(pause.from),
    to: toCivilDate(pause.to),
    ...written(placed),
  });
}

/** Moves a date to the first day its gates are open; what it answers is null unless they never are. */
function passGates(placed: Moving, timing: Timing, gateFacts: GateFacts): Never | null {
  const { gates } = timing;
  if (!gates || gates.length === 0) return null;
  const opening = openingOf(gates, placed.due, gateFacts);
  if (!opening) return null;
  if ('never' in opening) return opening;
  const { day, runFrom, gate } = opening;
  if (day > placed.due) {
    // A closing is never moved later: it is the frost it is done for, not the season.
    if (timing.pair?.half === 'closes') return null;
    const by = day - placed.due;
    placed.due += by;
    placed.latest += by;
    placed.earliest = Math.max(placed.earliest + by, runFrom);
    placed.told?.push({
      kind: 'gate',
      gate,
      opens: toCivilDate(day),
      runFrom: Number.isFinite(runFrom) ? toCivilDate(runFrom) : null,
      ...written(placed),
    });
  } else if (runFrom > placed.earliest) {
    placed.earliest = runFrom;
    placed.told?.push({ kind: 'runBegins', gate, earliest: toCivilDate(runFrom) });
  }
  return null;
}
