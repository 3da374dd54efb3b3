import { z } from 'zod';
import { civilDateSchema } from '../../calendar/civilDate.ts';
import { ruleMemorySchema } from '../rules/ruleMemory.ts';

const day = z.int();

export const putOffSchema = z.strictObject({
  kind: z.literal('putOff'),
  day,
  occurrence: z.string(),
  to: civilDateSchema,
  why: z.string(),
});

/** The memory of one duty at the end of a day, as plain data: its own state and those of its rules. Days are day numbers. */
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
