import { civilDateIn } from '../core/calendar/zone.ts';
import { openDatabase } from '../server/db/database.ts';
import { DEMO_EMAIL } from '../server/demoAccount.ts';
import { signUp } from '../server/services/accounts.ts';
import { Failure } from '../server/services/failure.ts';
import { importHouse } from '../server/services/houseFiles/importHouse.ts';
import { addExtras } from './extras.ts';
import { DEMO_HOMES } from './data/homes.ts';
import { demoHouse } from './history.ts';

/** Makes the demo account with its homes, all or nothing, unless the database has it already. `now`: milliseconds since 1970 UTC. */
export async function loadDemoOnce(appUrl: string, password: string, now: number): Promise<void> {
  const { db, pool } = openDatabase(appUrl, () => undefined);
  try {
    await signUp(
      db,
      { name: 'Demo', email: DEMO_EMAIL, password },
      {
        demo: true,
        within: async (tx, { personId }) => {
          for (const demo of DEMO_HOMES) {
            const today = civilDateIn(demo.home.zone, now);
            const homeId = await importHouse(tx, demoHouse(demo, today), { by: personId, now });
            await addExtras(tx, demo, homeId, { personId, today, now });
          }
        },
      },
    );
  } catch (error) {
    if (!(error instanceof Failure && error.code === 'email-taken')) throw error;
  } finally {
    await pool.end();
  }
}
