import { openInstallation, withDatabase } from '../cluster/installation.ts';
import { openDatabase, type Database } from '../server/db/database.ts';
import { everyHome, type OwnedHome } from '../server/services/everyHome.ts';

/**
 * Works on one home after another, as the app role. A home that cannot be worked on is named, with the reason, and the others are gone
 * on with; the command then ends with exit code 1.
 */
export function eachHome(
  work: (db: Database, one: OwnedHome) => Promise<void>,
): Promise<{ homes: number; failed: number }> {
  return withDatabase(openInstallation(), async ({ owner, app }) => {
    const { db, pool } = openDatabase(app, () => undefined);
    try {
      const homes = await everyHome(owner);
      let failed = 0;
      for (const one of homes) {
        try {
          await work(db, one);
        } catch (error) {
          failed += 1;
          const why = error instanceof Error ? error.message : String(error);
          console.error(`home ${one.home.id} (${one.home.name}): ${why}`);
          process.exitCode = 1;
        }
      }
      return { homes: homes.length, failed };
    } finally {
      await pool.end();
    }
  });
}
