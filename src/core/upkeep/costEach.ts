import type { StandingEntry } from '../ledger/corrections.ts';
import { median } from './median.ts';

/** The cost of a time of each duty, in the smallest unit of the currency: the median of what this home has noted. One without any is left out. */
export function costEach(told: readonly StandingEntry[]): ReadonlyMap<string, number> {
  const noted = new Map<string, number[]>();
  for (const { body } of told)
    if (body.kind === 'done' && body.cost !== undefined)
      noted.set(body.duty, [...(noted.get(body.duty) ?? []), body.cost]);
  return new Map([...noted].map(([duty, costs]) => [duty, median(costs)]));
}
