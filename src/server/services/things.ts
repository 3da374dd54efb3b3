import type { Body } from '../../contract/routes.ts';
import { civilDateIn } from '../../core/calendar/zone.ts';
import type { Home, Space } from '../../core/house/house.ts';
import type { Tx } from '../db/database.ts';
import { loadHouse, placeAsset, saveSpace } from '../stores/houseStore.ts';
import { Failure } from './failure.ts';
import { appendEntries, type Writing } from './ledger.ts';
import { reprojectHome } from './schedule.ts';

/** Adds a space or changes what is said of it. */
export async function keepSpace(tx: Tx, home: Home, id: string, space: Space): Promise<void> {
  if (space.id !== id) throw new Failure('code-differs', 'space.id');
  await saveSpace(tx, home.id, space);
}

/** Puts right what a thing is called, where it stands and since when, and notes what is told of it besides; an age may hang on that. */
export async function putThing(
  tx: Tx,
  home: Home,
  id: string,
  { entries = [], ...where }: Body<'placeAsset'>,
  writing: Writing,
): Promise<void> {
  const today = civilDateIn(home.zone, writing.now);
  const { spaces } = await loadHouse(tx, home);
  if (where.space !== null && !spaces.some((space) => space.id === where.space))
    throw new Failure('reference-unknown', 'space');
  if (where.installed !== null && where.installed > today)
    throw new Failure('date-in-future', 'installed', { kind: 'date-in-future', today });
  if (!(await placeAsset(tx, home.id, id, where))) throw new Failure('not-found', 'assetId');
  if (entries.length > 0) await appendEntries(tx, home, entries, writing);
  else await reprojectHome(tx, home, today);
}
