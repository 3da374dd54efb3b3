import { z } from 'zod';
import type { FactValue } from '../basics/factValue.ts';
import { codeSchema } from '../basics/code.ts';

/**
 * How much one time takes: a number, or so many for each unit of a fact of the asset (`tons`, `positions`, `cells`), with another number
 * for the very first time. `otherwise` stands where the fact is not known.
 */
export const quantitySchema = z.union([
  z.number().gt(0).max(10_000),
  z.strictObject({
    fact: codeSchema,
    times: z.number().gt(0).max(10_000),
    firstTimes: z.number().gt(0).max(10_000).optional(),
    otherwise: z.number().gt(0).max(10_000).optional(),
  }),
]);
export type Quantity = z.infer<typeof quantitySchema>;

/** The quantity for an asset; null where it hangs on a fact nobody knows and nothing stands in for it. */
export function quantityOf(
  quantity: Quantity,
  facts: Readonly<Record<string, FactValue>>,
  when: 'first' | 'usual' = 'usual',
): number | null {
  if (typeof quantity === 'number') return quantity;
  const { fact, times, firstTimes, otherwise } = quantity;
  const count = facts[fact];
  if (typeof count !== 'number') return otherwise ?? null;
  return count * (when === 'first' ? (firstTimes ?? times) : times);
}
