import pLimit from 'p-limit';
import { openDatabase } from '../../server/db/database.ts';
import type { OwnedHome } from '../../server/services/everyHome.ts';
import { HOME_WORK, type HomeWorkName } from './homeWork.ts';

/** While the database works for one home, the next are worked on here. */
const AT_ONCE = 3;

/** Homes that one process works on. */
export interface Lane {
  /** The database, as the app role. */
  readonly url: string;
  readonly work: HomeWorkName;
  readonly homes: readonly OwnedHome[];
  /** Epoch milliseconds. */
  readonly now: number;
}

/** How many homes could not be worked on, and how many duties or entries of the others were. */
export interface LaneDone {
  readonly failed: number;
  readonly counted: number;
}

/** Works on some homes. One that cannot be worked on is named on standard error, with the reason, and the others are gone on with. */
export async function workOn({ url, work, homes, now }: Lane): Promise<LaneDone> {
  const { db, pool } = openDatabase(url, () => undefined);
  let failed = 0;
  let counted = 0;
  const tried = async (one: OwnedHome): Promise<void> => {
    try {
      // Awaited first: what the others count meanwhile would be lost.
      const done = await HOME_WORK[work](db, one, now);
      counted += done;
    } catch (error) {
      failed += 1;
      const why = error instanceof Error ? error.message : String(error);
      console.error(`home ${one.home.id} (${one.home.name}): ${why}`);
    }
  };
  try {
    const limit = pLimit(AT_ONCE);
    await Promise.all(homes.map((one) => limit(() => tried(one))));
    return { failed, counted };
  } finally {
    await pool.end();
  }
}
