import { z } from 'zod';

const amount = z.number().min(0).max(1_000_000);

/** Every figure a plan is weighed with, in minutes of the household's time, so that its parts compare; those not given are the usual ones. */
export const costsSchema = z.strictObject({
  /** For each week before the week it is due in. */
  early: amount.default(0.5),
  /** Past the week it is due in: this share of its cost for lateness a week, and at least `early`. */
  dueShare: z
    .number()
    .min(0)
    .max(1)
    .default(1 / 40),
  /** A minute past `nearFullFrom` of a week's budget. */
  nearFull: amount.default(0.25),
  nearFullFrom: z.number().min(0).max(1).default(0.8),
  /** More for a minute past all of the budget. */
  full: amount.default(3),
  /** More for a minute that is past the budget by `overBy` minutes. */
  over: amount.default(3),
  overBy: amount.default(120),
  /** So many times the minutes of a set-up, for each week it is used in; its minutes go into the week as well. */
  setUp: amount.default(2),
  /** For a task in a week before its supplies are there: a trip to buy them. */
  unsupplied: amount.default(40),
  /** For each task that is not in the week it was in before, and for each week it was moved. */
  moved: amount.default(15),
  movedWeek: amount.default(2),
});
export type Costs = z.infer<typeof costsSchema>;

/** The usual figures. */
export const USUAL_COSTS: Costs = costsSchema.parse({});

/** The cost of a plan by its parts, in minutes; they sum to the whole. */
export const costPartsSchema = z.strictObject({
  late: z.number(),
  due: z.number(),
  load: z.number(),
  setups: z.number(),
  visits: z.number(),
  supplies: z.number(),
  moved: z.number(),
});
export type CostParts = z.infer<typeof costPartsSchema>;

/** The sum of all parts. */
export const wholeCost = (parts: CostParts): number =>
  parts.late + parts.due + parts.load + parts.setups + parts.visits + parts.supplies + parts.moved;
