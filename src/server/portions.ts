import { setImmediate as breathe } from 'node:timers/promises';

/** Entries worked on before other requests have their turn again. */
const PORTION = 500;

/** Maps a long list, letting other requests have their turn in between. */
export async function mapInPortions<T, R>(
  list: readonly T[],
  map: (one: T, index: number) => R,
): Promise<R[]> {
  const mapped: R[] = [];
  for (const [index, one] of list.entries()) {
    if (index > 0 && index % PORTION === 0) await breathe();
    mapped.push(map(one, index));
  }
  return mapped;
}
