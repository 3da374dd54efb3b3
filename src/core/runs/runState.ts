import { z } from 'zod';
import { text } from '../basics/text.ts';
import { civilDateSchema } from '../calendar/civilDate.ts';
import { givenSchema } from '../ledger/entry.ts';
import { verdictSchema } from '../basics/verdict.ts';
import { idSchema } from '../basics/id.ts';
import { codeSchema } from '../basics/code.ts';
import { ROUND_CODES } from '../basics/roundCode.ts';

const longText = text().max(4_000);

/** The state of one item of a run. */
export const itemStateSchema = z.strictObject({
  /** `open` until it is done, skipped with a reason, not possible here, or stopped by a hazard. */
  status: z.enum(['open', 'done', 'skipped', 'impossible', 'stopped']),
  /** Steps ticked, by their place. */
  ticked: z.array(z.int().min(0).max(99)).max(100),
  /** Gates answered: the step and the hazard. */
  gates: z.array(text().max(80)).max(100),
  /** Steps that wait, and when the wait is over (ISO 8601). */
  timers: z.record(text().max(4), z.iso.datetime()),
  date: civilDateSchema.nullable(),
  who: idSchema.nullable(),
  minutes: z.int().min(0).max(10_000).nullable(),
  note: longText,
  why: text().max(200),
  /** Another way of the same group, done instead. */
  instead: codeSchema.nullable(),
  /** Supplies used; left out, those the practice names. */
  used: z.record(codeSchema, z.number().min(0).max(100_000)),
  readings: z
    .array(
      z.strictObject({
        step: z.int(),
        asset: idSchema,
        reading: codeSchema,
        given: givenSchema,
        date: civilDateSchema,
      }),
    )
    .max(40),
  /** Answers to looks at each thing, look by look, in the words it was asked in. */
  seen: z
    .array(
      z.strictObject({
        step: z.int(),
        asset: idSchema,
        look: text().max(130),
        choice: codeSchema,
        what: text().min(1).max(200),
        verdict: verdictSchema,
        days: z.int().min(0).max(400).nullable(),
        repairs: z.array(codeSchema).max(5),
        date: civilDateSchema,
      }),
    )
    .max(200)
    .default([]),
  /** Looks and measurements left out on purpose, by the step. */
  leftOut: z.array(text().max(130)).max(100).default([]),
  findings: z
    .array(
      z.strictObject({
        asset: idSchema,
        what: text().min(1).max(200),
        verdict: z.enum(['watch', 'act', 'stop']),
        place: text().min(1).max(200).optional(),
        photo: idSchema.optional(),
        answeredBy: z.array(codeSchema).min(1).max(5).optional(),
        days: z.int().min(0).max(400),
        date: civilDateSchema,
      }),
    )
    .max(20),
});
export type ItemState = z.infer<typeof itemStateSchema>;

export const NEW_ITEM: ItemState = {
  status: 'open',
  ticked: [],
  gates: [],
  timers: {},
  date: null,
  who: null,
  minutes: null,
  note: '',
  why: '',
  instead: null,
  used: {},
  readings: [],
  seen: [],
  leftOut: [],
  findings: [],
};

/** One piece of work of a run, fixed when it starts: a practice on some things, by the duties they are kept under. */
export const runItemSchema = z.strictObject({
  key: text().min(1).max(80),
  row: z.int(),
  practice: codeSchema.nullable(),
  /** Only booked: nothing of it is done yet. */
  books: z.boolean(),
  duties: z.array(idSchema).max(60),
  assets: z.array(idSchema).min(1).max(60),
});
export type RunItem = z.infer<typeof runItemSchema>;

/** A run as it is kept, so that it can be left and taken up days later on another device. */
export const runStateSchema = z.strictObject({
  version: z.literal(1),
  round: z.enum(ROUND_CODES).nullable(),
  title: text().max(200),
  items: z.array(runItemSchema).max(300),
  states: z.record(text(), itemStateSchema),
  /** The things gathered, by code. */
  gathered: z.array(text().max(80)).max(200),
  begun: z.boolean(),
  /** The open problem that it puts right: once its work is done that is closed. */
  finding: idSchema.optional(),
  /** The item one stands at. */
  at: text().nullable(),
  /** A stop that has not been answered: everything else waits for it. */
  stop: z
    .strictObject({
      item: text(),
      reading: codeSchema.nullable(),
      hazard: text().nullable(),
      /** The look that stopped it. */
      look: text().max(130).optional(),
    })
    .nullable(),
});
export type RunState = z.infer<typeof runStateSchema>;

export const stateOf = (run: RunState, key: string): ItemState => run.states[key] ?? NEW_ITEM;

/** The run with one item's state changed. */
export const withItem = (run: RunState, key: string, change: Partial<ItemState>): RunState => ({
  ...run,
  states: { ...run.states, [key]: { ...stateOf(run, key), ...change } },
});

export const isSettled = ({ status }: ItemState): boolean => status !== 'open';
