import { z } from 'zod';
import { spanSchema } from '../../calendar/span.ts';

const day = z.int();
const entryId = z.string();

export const unitAgeSchema = z.strictObject({
  made: z.strictObject({ day, from: z.enum(['made', 'installed']) }).nullable(),
  life: spanSchema.nullable(),
  ends: day.nullable(),
  sensesTwo: z.boolean(),
});

const interval = z.strictObject({
  kind: z.literal('interval'),
  last: z.strictObject({ entryId, day, how: z.enum(['done', 'skipped', 'looked']) }).nullable(),
});

const listed = z.strictObject({
  kind: z.literal('listed'),
  from: day,
  owed: z.strictObject({ listed: day, day, how: z.enum(['caughtUp', 'openedAgain']) }).nullable(),
  paused: z.array(z.strictObject({ from: day, to: day })),
});

const usage = z.strictObject({
  kind: z.literal('usage'),
  reset: z.strictObject({ day, entryId }),
  startsAt: z.number().nullable(),
});

const age = z.strictObject({
  kind: z.literal('age'),
  unit: unitAgeSchema,
  birth: z.strictObject({ day, from: z.enum(['made', 'installed', 'replaced', 'done']) }).nullable(),
  startedBy: entryId,
  renewedOn: day.nullable(),
});

/** The result of a look at a thing, as its duty takes it. */
export const lookSchema = z.strictObject({
  kind: z.literal('look'),
  entryId,
  day,
  finding: z.string().nullable(),
  calls: z.boolean(),
  ofDuty: z.boolean(),
  measure: z.string().nullable(),
  value: z.number(),
});

const event = z.strictObject({
  kind: z.literal('event'),
  /** The day up to which whatever happened is answered; null: nothing is. */
  cleared: day.nullable(),
});

const condition = z.strictObject({
  kind: z.literal('condition'),
  called: lookSchema.nullable(),
  get looks(): z.ZodType<RuleMemory> {
    return ruleMemorySchema;
  },
});

const first = z.strictObject({
  kind: z.literal('first'),
  get parts(): z.ZodType<RuleMemory[]> {
    return z.array(ruleMemorySchema);
  },
});

/** The memory one rule has of the past, as plain data: all it needs to go on from there. Days are day numbers. */
export type RuleMemory =
  | z.infer<typeof interval>
  | z.infer<typeof listed>
  | z.infer<typeof usage>
  | z.infer<typeof age>
  | z.infer<typeof event>
  | { kind: 'condition'; called: z.infer<typeof lookSchema> | null; looks: RuleMemory }
  | { kind: 'first'; parts: RuleMemory[] };

export const ruleMemorySchema: z.ZodType<RuleMemory> = z.discriminatedUnion('kind', [
  interval,
  listed,
  usage,
  age,
  event,
  condition,
  first,
]);

/** Finds a memory to be of the kind a rule keeps. A checkpoint made under other terms is a fault of the program. */
export function memoryOf<K extends RuleMemory['kind']>(
  memory: RuleMemory,
  kind: K,
): Extract<RuleMemory, { kind: K }> {
  if (memory.kind !== kind) throw new Error(`a rule of kind ${kind} was given the memory of ${memory.kind}`);
  return memory as Extract<RuleMemory, { kind: K }>;
}
