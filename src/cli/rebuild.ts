import { civilDateIn } from '../core/calendar/zone.ts';
import { openInstallation, withDatabase } from '../cluster/installation.ts';
import { asPerson, openDatabase } from '../server/db/database.ts';
import { everyHome } from '../server/services/everyHome.ts';
import { rebuildHome } from '../server/services/schedule.ts';
import { runCommand } from './complain.ts';

// Projects every home's schedule anew from its ledger. The ledger is the truth; the schedule is a cache of it.
await runCommand(() =>
  withDatabase(openInstallation(), async ({ owner, app }) => {
    const { db, pool } = openDatabase(app, () => undefined);
    try {
      let duties = 0;
      const homes = await everyHome(owner);
      for (const { home, personId } of homes) {
        const rows = await asPerson(db, personId, (tx) =>
          rebuildHome(tx, home, civilDateIn(home.zone, Date.now())),
        );
        duties += rows.length;
      }
      console.log(`${homes.length} homes, ${duties} duties projected anew`);
    } finally {
      await pool.end();
    }
  }),
);
