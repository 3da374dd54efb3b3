import { z } from 'zod';
import { civilDateSchema } from '../../calendar/civilDate.ts';
import { ruleMemorySchema } from '../rules/ruleMemory.ts';
import type { DutyState } from './dutyState.ts';

const day = z.int();

/** Keys of this many ended occurrences are remembered: rules start anew from what happened since, never from long before. */
const ENDED_REMEMBERED = 60;

export const putOffSchema = z.strictObject({
  kind: z.literal('putOff'),
  day,
  occurrence: z.string(),
  to: civilDateSchema,
  why: z.string(),
});

/** What is remembered of one duty at the end of a day, as plain data: its own state and those of its rules. Days are day numbers. */
export const dutyMemorySchema = z.strictObject({
  now: day,
  segment: z.int().min(0),
  suffix: z.string(),
  ended: z.array(z.string()),
  /** By the key of the occurrence put off. */
  putOffs: z.array(z.strictObject({ of: z.string(), putOff: putOffSchema })),
  pauses: z.array(z.strictObject({ from: day, to: day })),
  pausedSince: day.nullable(),
  hiddenSince: day.nullable(),
  bornOn: day.nullable(),
  turnedOn: day.nullable(),
  stoodOpen: z.string().nullable(),
  missed: z.array(z.strictObject({ key: z.string(), due: civilDateSchema, closedOn: civilDateSchema })),
  extras: z.array(z.strictObject({ entryId: z.string(), on: civilDateSchema })),
  rules: z.array(ruleMemorySchema),
});
export type DutyMemory = z.infer<typeof dutyMemorySchema>;

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
    // What an occurrence that ended long ago was put off to is asked by nobody.
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
