import { z } from 'zod';
import { codeSchema } from '../../basics/code.ts';
import { idSchema } from '../../basics/id.ts';
import { civilDateSchema } from '../../calendar/civilDate.ts';
import { setUpSchema, practiceSystemSchema } from '../../practice/lists.ts';
import { consequenceSchema, weatherLimitSchema } from '../../practice/planning.ts';
import { doerSchema } from '../../practice/terms.ts';

/** One time a task of a home falls due within the plan, with everything the plan must know of it. */
export const homeTaskSchema = z.strictObject({
  /** Its task and its number among the times still to come, from 1: the same for as long as it is not done. */
  key: z.string().min(1).max(200),
  duty: idSchema,
  number: z.int().min(1),
  /** The thing that stands there now. */
  asset: idSchema,
  /** The practice of the catalogue; null for work in the home's own words. */
  practice: codeSchema.nullable(),
  asks: z.enum(['work', 'look']),
  earliest: civilDateSchema,
  due: civilDateSchema,
  latest: civilDateSchema,
  /** Never done and never dated. */
  baseline: z.boolean(),
  doer: doerSchema,
  /** The household's own minutes. */
  minutes: z.number().min(0),
  /** Minutes of doing it oneself where it is hired and the household could; null elsewhere. */
  ownMinutes: z.number().min(0).nullable(),
  consequence: consequenceSchema,
  setUps: z.array(setUpSchema),
  weather: z.array(weatherLimitSchema),
  outdoors: z.boolean(),
  /** It makes noise that others hear. */
  loud: z.boolean(),
  /** It needs two people. */
  two: z.boolean(),
  /** The household has said that it leaves such work to others. */
  leftToOthers: z.boolean(),
  system: practiceSystemSchema,
  /** The last day it is still worth doing; null where it always is. */
  worthUntil: civilDateSchema.nullable(),
  /** It shuts something off before the frost. */
  closes: z.boolean(),
  /** Frost harms what is left undone. */
  frost: z.boolean(),
  /** Days a trade must be asked before; 0 where none is. */
  leadDays: z.number().min(0),
  /** Supplies it needs that the house has not got, and the day they can be there. */
  waitsFor: z.array(codeSchema),
  suppliesFrom: civilDateSchema.nullable(),
  /** Codes of practices that are done before it. */
  after: z.array(codeSchema),
});
export type HomeTask = z.infer<typeof homeTaskSchema>;
