import type { Home } from '../../core/house/house.ts';
import { openDatabase } from '../db/database.ts';
import { listEveryHome } from '../stores/homeStore.ts';

/** A home, and one of those who own it. */
export interface OwnedHome {
  readonly home: Home;
  readonly personId: string;
}

/** Every home of the installation with one of its owners. Needs the owner role: no person sees them all. */
export async function everyHome(ownerUrl: string): Promise<OwnedHome[]> {
  const { db, pool } = openDatabase(ownerUrl, () => undefined);
  try {
    return await db.transaction((tx) => listEveryHome(tx));
  } finally {
    await pool.end();
  }
}
