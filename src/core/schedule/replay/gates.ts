import type { DayNumber } from '../../calendar/civilDate.ts';
import { assertNever } from '../../basics/result.ts';
import type { HomeSeasons, Run } from '../../climate/homeSeasons.ts';
import type { TraitChange } from './history.ts';
import { runsOf, type StateLine } from './seasonState.ts';
import type { Gate } from '../../practice/timing.ts';

/** The facts gates need: the home's seasons, its traits through time, and how things stood. */
export interface GateFacts {
  readonly seasons: HomeSeasons;
  trait(code: string): readonly TraitChange[];
  state(code: string): StateLine;
}

/** The same as it was known by a day that goes on: what changed later is not known yet. */
export function knownUpTo({ seasons, trait, state }: GateFacts, now: () => DayNumber): GateFacts {
  const passed = <T extends { readonly day: DayNumber }>(line: readonly T[]): readonly T[] =>
    line.filter(({ day }) => day <= now());
  return { seasons, trait: (code) => passed(trait(code)), state: (code) => passed(state(code)) };
}

/** The days, in order, on which a trait or state that gates hang on changed. */
export function gateTurns(gates: readonly Gate[], { trait, state }: GateFacts): DayNumber[] {
  const days = gates.flatMap((gate): DayNumber[] => {
    if (gate.kind === 'season') return [];
    return (gate.kind === 'trait' ? trait(gate.trait) : state(gate.state)).map(({ day }) => day);
  });
  return [...new Set(days)].sort((a, b) => a - b);
}

/** The first day, on or after one, on which all gates are open; `runFrom` is the day the run began, `gate` the one that decided. */
export interface Opening {
  readonly day: DayNumber;
  readonly runFrom: DayNumber;
  readonly gate: Gate;
}

/** Two gates that take turns could push a date on for ever: seasons do so twice a year at most. */
const MOST_ROUNDS = 16;

/** The first day on or after `day` on which every gate is open; or the gate that never opens again. */
export function openingOf(
  gates: readonly Gate[],
  day: DayNumber,
  facts: GateFacts,
): Opening | { readonly never: Gate } | null {
  let at = day;
  let decided: Gate | null = null;
  for (let round = 0; round < MOST_ROUNDS; round += 1) {
    let runFrom = -Infinity;
    let moved = false;
    for (const gate of gates) {
      const run = runOf(gate, at, facts);
      if (!run) return { never: gate };
      if (run.from > at) {
        [at, decided, moved] = [run.from, gate, true];
      }
      if (run.from > runFrom) [runFrom, decided] = [run.from, decided ?? gate];
    }
    if (!moved) return decided && { day: at, runFrom, gate: decided };
  }
  const [gate] = gates;
  return gate ? { never: gate } : null;
}

/** The open run of a gate that holds a day, or the next one after it. */
function runOf(gate: Gate, day: DayNumber, facts: GateFacts): Run | null {
  switch (gate.kind) {
    case 'season':
      // A climate nobody has told of cannot close a gate: better out of season than never.
      return facts.seasons.knows(gate.season) ? facts.seasons.runAt(gate.season, day) : ALWAYS;
    case 'trait':
      return runAt(traitRuns(facts.trait(gate.trait), gate.is), day);
    case 'state':
      return runAt(runsOf(facts.state(gate.state), gate.standing), day);
  }
  return assertNever(gate);
}

const ALWAYS: Run = { from: -Infinity, to: Infinity };

/** Ends are excluded here: on the day it changes a trait or state is already the other. */
const runAt = (runs: readonly Run[], day: DayNumber): Run | null => runs.find(({ to }) => to > day) ?? null;

function traitRuns(changes: readonly TraitChange[], wanted: string | number | boolean | undefined): Run[] {
  const holds = (value: TraitChange['value']): boolean =>
    wanted === undefined
      ? value !== null && value !== false && value !== 0 && value !== ''
      : value === wanted;
  const runs: Run[] = [];
  let from: DayNumber | null = null;
  for (const { day, value } of changes) {
    if (holds(value)) from ??= day;
    else if (from !== null) {
      runs.push({ from, to: day });
      from = null;
    }
  }
  return from === null ? runs : [...runs, { from, to: Infinity }];
}
