import type { HouseFile } from '../../../core/formats/houseFileShape.ts';
import type { Entry } from '../../../core/ledger/entry.ts';
import { mapInPortions } from '../../portions.ts';
import { firstHash, lineHash } from '../chain.ts';

/** The chain of a file's entries: each sealed to the one before, as it would be in the home they are of. */
export async function chainOf(
  homeId: string,
  entries: readonly Entry[],
): Promise<NonNullable<HouseFile['chain']>> {
  let hash = firstHash;
  await mapInPortions(entries, (entry, index) => {
    hash = lineHash(homeId, index + 1, asSealed(entry), hash);
  });
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
