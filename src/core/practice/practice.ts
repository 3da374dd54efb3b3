import { z } from 'zod';
import { text } from '../basics/text.ts';
import { codeSchema } from '../basics/code.ts';
import { ruleSchema } from './rule.ts';
import { allowsForSchema, doerSchema } from './terms.ts';
import { timingShape } from './timing.ts';
import { assetKindSchema } from '../basics/assetKind.ts';
import { conditionSchema } from './condition.ts';
import { lookSchema } from './look.ts';
import { planningSchema } from './planning.ts';
import { quantitySchema } from './quantity.ts';
import { hazardSchema, practiceSystemSchema, setUpSchema, toolSchema } from './lists.ts';

/** A sentence or two, in the words of `wording.ts`: {term} follows the home's vocabulary, {a|b} its units. */
const says = text().trim().min(1).max(700);

/** One respectable way to set the interval of a practice: its rule, who argues for it and why, and when it is right. */
export const schoolSchema = z.strictObject({
  code: codeSchema,
  name: says,
  argues: says,
  rightWhen: says,
  /** Where a house can be seen to be such a case; of several that fit the last listed, the narrowest case, is proposed. */
  fits: conditionSchema.optional(),
  rule: ruleSchema,
  /** Circumstances its rule already allows for: their factors do not act on it. */
  allowsFor: allowsForSchema,
});
export type School = z.infer<typeof schoolSchema>;

/** A circumstance a practice is known to depend on, with its usual strength; `when` the trait that tells of it. */
export const practiceFactorSchema = z.strictObject({ code: codeSchema, value: z.number().gt(0).max(10) });

/** One step; the cautions stand at it, what is looked at, and what is read. */
export const stepSchema = z.strictObject({
  at: z.enum(['first', 'work', 'closeOut', 'later']),
  says,
  cautions: z.array(hazardSchema).max(8),
  reads: z.array(codeSchema).max(6),
  looks: z.array(lookSchema).min(1).max(8).optional(),
  /** The facts of its thing that are needed here: a size, a direction, a mark. */
  facts: z.array(text().min(1).max(60)).min(1).max(6).optional(),
  /** Sums that are worked out here: how much of something the work takes. */
  sums: z.array(codeSchema).min(1).max(3).optional(),
  /** Seconds the work waits here. */
  waits: z.int().min(1).max(86_400).optional(),
});
export type Step = z.infer<typeof stepSchema>;

/** A sign or measurement, and its meaning. Empty where practitioners say nothing. */
export const judgeSchema = z.strictObject({
  sound: says.optional(),
  watch: says.optional(),
  act: says.optional(),
  stop: says.optional(),
});

const sharedShape = {
  code: codeSchema,
  system: practiceSystemSchema,
  title: says,
  why: says,
  appliesTo: z.array(assetKindSchema).min(1),
  /** Beyond the kind of asset: fuel, type, climate, traits. */
  when: conditionSchema.optional(),
  steps: z.array(stepSchema).min(1),
  judge: judgeSchema,
  mistakes: z.array(says),
  notes: z.array(says),
  tools: z.array(toolSchema),
  supplies: z.array(z.strictObject({ supply: codeSchema, quantity: quantitySchema })),
  setUps: z.array(setUpSchema),
  minutes: z.int().min(1).max(1_000),
  doers: z.array(doerSchema).min(1),
  ...timingShape,
  /** Bound: done to the same thing whenever this is. Handy: worth the same trip. */
  companions: z.strictObject({ bound: z.array(codeSchema), handy: z.array(codeSchema) }),
  /** The items to finish first. */
  after: z.array(codeSchema),
  /** The work that a finding here, or an event, leads to. */
  leadsTo: z.array(codeSchema),
  /** Of one group a home keeps one as its duty; the rest are offered when a step fails. */
  alternatives: codeSchema.optional(),
  /** Doing this is doing those as well. */
  covers: z.array(codeSchema),
  /** Findings and events that call for it. */
  triggers: z.array(codeSchema),
  /** Good to have, but nobody’s duty: a plan offers it and does not take it on by itself. */
  offered: z.literal(true).optional(),
  /** The facts a plan of the year must know; every practice of the catalogue has it, a home's own may. */
  planning: planningSchema.optional(),
};

const dutyPractice = z.strictObject({
  kind: z.literal('duty'),
  ...sharedShape,
  schools: z.array(schoolSchema).min(1),
  defaultSchool: codeSchema,
  /** Why the default is the default. */
  defaultBecause: says,
  factors: z.array(practiceFactorSchema),
});

const otherPractice = <K extends 'improvement' | 'fact' | 'response' | 'habit'>(kind: K) =>
  z.strictObject({ kind: z.literal(kind), ...sharedShape });

/**
 * A piece of upkeep as the trade knows it: a duty recurs by a rule; an improvement is made once; a fact is established once; a
 * response is what to do when something happens; a habit is advice. Only duties fall due by themselves.
 */
export const practiceSchema = z
  .discriminatedUnion('kind', [
    dutyPractice,
    otherPractice('improvement'),
    otherPractice('fact'),
    otherPractice('response'),
    otherPractice('habit'),
  ])
  .refine(
    (practice) =>
      practice.kind !== 'duty' || practice.schools.some((school) => school.code === practice.defaultSchool),
    { path: ['defaultSchool'], params: { problem: 'school-unknown' }, message: 'must be one of the schools' },
  )
  .meta({ id: 'Practice', description: 'A piece of upkeep' });

export type Practice = z.infer<typeof practiceSchema>;
export type PracticeKind = Practice['kind'];
export type DutyPracticeRecord = Extract<Practice, { kind: 'duty' }>;
