import type { CivilDate } from '../../core/calendar/civilDate.ts';
import type { Home, Space } from '../../core/house/house.ts';
import type { Tx } from '../db/database.ts';
import { loadHouse, placeAsset, saveSpace } from '../stores/houseStore.ts';
import { Failure } from './failure.ts';
import { rebuildHome } from './schedule.ts';

/** Adds a space or changes what is said of it. */
export async function keepSpace(tx: Tx, home: Home, id: string, space: Space): Promise<void> {
  if (space.id !== id) throw new Failure('code-differs', 'space.id');
  await saveSpace(tx, home.id, space);
}

/** Puts right what a thing is called, where it stands and since when; an age may hang on that. */
export async function putThing(
  tx: Tx,
  home: Home,
  id: string,
  where: { name: string; space: string | null; installed: CivilDate | null },
  today: CivilDate,
): Promise<void> {
  const { spaces } = await loadHouse(tx, home);
  if (where.space !== null && !spaces.some((space) => space.id === where.space))
    throw new Failure('reference-unknown', 'space');
  if (where.installed !== null && where.installed > today)
    throw new Failure('date-in-future', 'installed', { kind: 'date-in-future', today });
  if (!(await placeAsset(tx, home.id, id, where))) throw new Failure('not-found', 'assetId');
  await rebuildHome(tx, home, today);
}
