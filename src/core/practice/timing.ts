import { z } from 'zod';
import { text } from '../basics/text.ts';
import { anchorSchema, monthDaySchema, seasonSchema } from '../climate/anchor.ts';
import { codeSchema } from '../basics/code.ts';

/** When a duty may fall due at all. State and trait gates hold while the thing does; an unknown state counts as holding. */
export const gateSchema = z
  .discriminatedUnion('kind', [
    z.strictObject({ kind: z.literal('season'), season: seasonSchema }),
    z.strictObject({
      kind: z.literal('trait'),
      trait: codeSchema,
      is: z.union([text().max(200), z.number(), z.boolean()]).optional(),
    }),
    z.strictObject({ kind: z.literal('state'), state: codeSchema, standing: z.enum(['open', 'closed']) }),
  ])
  .meta({ id: 'Gate', description: 'A duty is only due while the gate is open' });
export type Gate = z.infer<typeof gateSchema>;

/** One half of a pair: what is closed in one season must be opened in another. `state` names what stands shut or open. */
export const pairSchema = z
  .strictObject({ state: codeSchema, half: z.enum(['closes', 'opens']) })
  .meta({ id: 'Pair' });

const turnOfYear = z.union([anchorSchema, monthDaySchema]);

/** How long before the due day a trade must be asked; longer in its busy season, both ends included. */
export const leadSchema = z
  .strictObject({
    days: z.int().min(0).max(365),
    busy: z.strictObject({ days: z.int().min(0).max(365), from: turnOfYear, to: turnOfYear }).optional(),
  })
  .meta({ id: 'Lead' });
export type Lead = z.infer<typeof leadSchema>;

/** Supplies used each time, and their delivery time. */
export const needSchema = z
  .strictObject({
    supply: codeSchema,
    quantity: z.number().gt(0).max(100_000),
    deliveryDays: z.int().min(0).max(365),
  })
  .meta({ id: 'Need' });
export type Need = z.infer<typeof needSchema>;

/** The low, in °C, that a closing or covering must be done before. */
export const freezeGuardSchema = z
  .strictObject({ atOrBelow: z.number().min(-40).max(10) })
  .meta({ id: 'FreezeGuard' });

/** Everything but the rule that decides the dates of a practice; unset parts follow the general rules. */
export const timingShape = {
  lifeSafety: z.boolean(),
  earlyDays: z.int().min(0).max(365).optional(),
  graceDays: z.int().min(0).max(365).optional(),
  gates: z.array(gateSchema).max(4).optional(),
  freezeGuard: freezeGuardSchema.optional(),
  pair: pairSchema.optional(),
  lead: leadSchema.optional(),
};

export const timingSchema = z.strictObject({ ...timingShape, needs: z.array(needSchema).max(12).optional() });
export type Timing = z.infer<typeof timingSchema>;
