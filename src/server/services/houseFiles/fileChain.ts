import type { HouseFile } from '../../../core/formats/houseFileShape.ts';
import type { Entry } from '../../../core/ledger/entry.ts';
import { firstHash, lineHash } from '../chain.ts';

/** The chain of a file's entries: each sealed to the one before, as it would be in the home they are of. */
export function chainOf(homeId: string, entries: readonly Entry[]): NonNullable<HouseFile['chain']> {
  let hash = firstHash;
  for (const [index, entry] of entries.entries()) hash = lineHash(homeId, index + 1, asSealed(entry), hash);
  return { entries: entries.length, lastHash: hash };
}

/** An entry as it is sealed where it is stored: with its moment written one way. */
const asSealed = ({ id, date, stampedAt, by, batch, body }: Entry): unknown => ({
  id,
  date,
  stampedAt: new Date(stampedAt).toISOString(),
  by,
  ...(batch !== undefined && { batch }),
  body,
});
