import type { StandingEntry } from './corrections.ts';
import type { Need } from '../practice/timing.ts';

/** How much of each supply is in the house, by what the ledger tells; one never counted is not listed. */
export type Stock = ReadonlyMap<string, number>;

/**
 * The stock after all that happened, in order. Buying and moving change it; work done takes what it needs, or what the entry
 * says it used, from the day the supply was first counted. `before`: what there was at the start.
 */
export function stockAfter(
  standing: readonly StandingEntry[],
  needsOf: (dutyId: string) => readonly Need[],
  before: Stock = new Map(),
): Stock {
  const stock = new Map(before);
  const move = (supply: string, change: number): void => {
    stock.set(supply, (stock.get(supply) ?? 0) + change);
  };
  for (const { body } of standing) {
    if (body.kind === 'stockMoved') move(body.supply, body.change);
    if (body.kind === 'bought') move(body.supply, body.quantity);
    if (body.kind !== 'done') continue;
    const used = body.used ?? needsOf(body.duty);
    for (const { supply, quantity } of used) if (stock.has(supply)) move(supply, -quantity);
  }
  return stock;
}
