import { z } from 'zod';
import { idSchema } from '../core/basics/id.ts';
import { civilDateSchema } from '../core/calendar/civilDate.ts';
import { weatherDaySchema } from '../core/climate/weather.ts';
import { householdSchema } from '../core/house/household.ts';
import { homeTaskSchema } from '../core/planning/home/homeTask.ts';
import { HOME_RULES } from '../core/planning/home/homeRules.ts';
import { MOST_WEEKS, problemShape } from '../core/planning/problemShape.ts';
import { weatherLimitSchema } from '../core/practice/planning.ts';
import { revisionSchema } from './basics.ts';

const MOST_KEPT = 4_000;

/** The week of a time of a task. `number`: null where its times have been counted anew since. */
const keptSchema = z.strictObject({
  duty: idSchema,
  number: z.int().min(1).nullable(),
  day: civilDateSchema,
});

/** Effort of a plan: the same seed and moves give the same plan on every device. */
const effort = { seed: z.int().min(0).max(2_147_483_647), moves: z.int().min(0).max(1_000_000_000) };

/** The plan a home goes by, without its weeks. */
const planHeadSchema = z.strictObject({
  revision: revisionSchema,
  ...effort,
  /** The number of the last entry it rests on. */
  seq: z.int().min(0),
  by: z.string(),
  savedAt: z.iso.datetime({ precision: 3 }),
});

/** The plan a home goes by; null where there is none yet. */
export const acceptedPlanSchema = planHeadSchema.extend({ weeks: z.array(keptSchema) }).nullable();
export type AcceptedPlan = NonNullable<z.infer<typeof acceptedPlanSchema>>;
export const acceptedPlanAnswerSchema = z.strictObject({ plan: acceptedPlanSchema });

const daySpanSchema = z.tuple([civilDateSchema, civilDateSchema]);
/** For each day from today, 1 where its weather allows such work and 0 where not. */
const openDaysSchema = z
  .string()
  .regex(/^[01]*$/)
  .max(7 * MOST_WEEKS);

/** All that a page needs to plan a home's year, show it, and try changes. */
export const planSchema = z.strictObject({
  on: civilDateSchema,
  /** The number of the last entry it rests on. */
  seq: z.int().min(0),
  household: householdSchema,
  tasks: z.array(homeTaskSchema),
  problem: problemShape,
  closed: z.array(z.strictObject({ task: z.string(), week: z.int(), rule: z.enum(HOME_RULES) })),
  open: z.record(weatherLimitSchema, openDaysSchema),
  outlook: z.array(weatherDaySchema),
  past: z.array(z.strictObject({ duty: idSchema, day: civilDateSchema, was: z.enum(['done', 'missed']) })),
  seasons: z.strictObject({
    freezing: z.array(daySpanSchema),
    heating: z.array(daySpanSchema),
    cooling: z.array(daySpanSchema),
  }),
  /** The next freeze, at the usual risk; null where none is ahead. */
  freeze: civilDateSchema.nullable(),
  /** The cost of a time of each task, in the smallest unit of the currency, where the record tells. */
  costs: z.record(idSchema, z.int()),
  /** The person each task was last done by. */
  who: z.record(idSchema, idSchema),
  placings: z.array(
    keptSchema.extend({
      entryId: idSchema,
      batch: idSchema.nullable(),
      by: idSchema,
      from: civilDateSchema.nullable(),
    }),
  ),
  accepted: acceptedPlanSchema,
});
export type PlanBody = z.infer<typeof planSchema>;

const KEY = /^[^\s]{1,100} [1-9]\d{0,3}$/;

/** A plan as it is accepted. `saw`: the revision that was on screen. The later of two wins; the answer names the one it took the place of. */
export const savePlanSchema = z.strictObject({
  saw: revisionSchema,
  ...effort,
  seq: z.int().min(0).max(2_000_000_000),
  weeks: z
    .record(z.string().regex(KEY, 'must be a task and a number from 1'), civilDateSchema)
    .refine((weeks) => Object.keys(weeks).length <= MOST_KEPT, `must have at most ${MOST_KEPT} tasks`),
});
export type SavePlan = z.infer<typeof savePlanSchema>;

export const savedPlanSchema = z.strictObject({
  revision: revisionSchema,
  /** The plan it took the place of, where that was not the one on screen. */
  replaced: planHeadSchema.nullable(),
});
