import pLimit from 'p-limit';
import { openInstallation, withDatabase } from '../cluster/installation.ts';
import { openDatabase, type Database } from '../server/db/database.ts';
import { everyHome, type OwnedHome } from '../server/services/everyHome.ts';

/**
 * Works on every home, as the app role; `atOnce`: on so many at the same time, so that the database and this program need not wait for one
 * another. A home that cannot be worked on is named, with the reason, and the others are gone
 * on with; the command then ends with exit code 1.
 */
export function eachHome(
  work: (db: Database, one: OwnedHome) => Promise<void>,
  atOnce = 1,
): Promise<{ homes: number; failed: number }> {
  return withDatabase(openInstallation(), async ({ owner, app }) => {
    const { db, pool } = openDatabase(app, () => undefined);
    try {
      const homes = await everyHome(owner);
      let failed = 0;
      const tried = async (one: OwnedHome): Promise<void> => {
        try {
          await work(db, one);
        } catch (error) {
          failed += 1;
          const why = error instanceof Error ? error.message : String(error);
          console.error(`home ${one.home.id} (${one.home.name}): ${why}`);
          process.exitCode = 1;
        }
      };
      const limit = pLimit(atOnce);
      await Promise.all(homes.map((one) => limit(() => tried(one))));
      return { homes: homes.length, failed };
    } finally {
      await pool.end();
    }
  });
}
