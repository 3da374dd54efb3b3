import { z } from 'zod';
import { costsSchema } from './costs.ts';

/** Weeks a plan can look ahead. */
export const MOST_WEEKS = 53;
const MOST_TASKS = 2_000;

const idSchema = z.string().min(1).max(200);
const minutesSchema = z.number().min(0).max(100_000);
const weekSchema = z
  .int()
  .min(0)
  .max(MOST_WEEKS - 1);
/** A week that may lie before today or past the horizon. */
const anyWeekSchema = z.int().min(-100_000).max(100_000);

/** From a week to a week, both included. */
const weeksSchema = z.tuple([weekSchema, weekSchema]).refine(([first, last]) => first <= last, {
  params: { problem: 'plan-span' },
  message: 'must be [first, last] with first not after last',
});

const taskSchema = z.strictObject({
  id: idSchema,
  weeks: weeksSchema,
  /** The week of its latest day; each week past it costs `late`. */
  latest: anyWeekSchema,
  due: anyWeekSchema,
  /** The household's own minutes. */
  minutes: minutesSchema,
  late: minutesSchema,
  setups: z.array(idSchema).max(20),
  visit: idSchema.optional(),
  /** The first week its supplies are there; any before it costs a trip to buy them. */
  supplied: weekSchema.optional(),
  /** The week it was in when the plan was last seen. */
  seen: weekSchema.optional(),
});
export type PlanTask = z.infer<typeof taskSchema>;

const beforeSchema = z.union([
  z.tuple([idSchema, idSchema]),
  z.tuple([idSchema, idSchema, z.int().min(0).max(MOST_WEEKS)]),
]);

/** A planning problem in its parts; whether they fit together is another question. */
export const problemShape = z.strictObject({
  weeks: z.int().min(1).max(MOST_WEEKS),
  /** Minutes the household gives to each week. */
  budget: z.array(minutesSchema).max(MOST_WEEKS),
  setups: z.array(z.strictObject({ id: idSchema, minutes: minutesSchema })).max(40),
  visits: z.array(z.strictObject({ id: idSchema, cost: minutesSchema })).max(40),
  tasks: z.array(taskSchema).max(MOST_TASKS),
  /** Week of the first + gap (0 unless given) is not after the week of the second. */
  before: z.array(beforeSchema).max(20_000),
  /** Weeks that are closed: to one task, or without a task to all. */
  blocked: z.array(z.strictObject({ weeks: weeksSchema, task: idSchema.optional() })).max(20_000),
  costs: costsSchema.optional(),
});
export type Problem = z.infer<typeof problemShape>;
