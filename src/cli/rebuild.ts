import { civilDateIn } from '../core/calendar/zone.ts';
import { asPerson } from '../server/db/database.ts';
import { rebuildHome } from '../server/services/schedule.ts';
import { runCommand } from './complain.ts';
import { eachHome } from './eachHome.ts';

/** While the database writes one home's rows, the next is projected. */
const REBUILT_AT_ONCE = 3;

// Projects every home's schedule anew from its ledger. The ledger is the truth; the schedule is a cache of it.
await runCommand(async () => {
  let duties = 0;
  const { homes, failed } = await eachHome(async (db, { home, personId }) => {
    const rows = await asPerson(db, personId, (tx) =>
      rebuildHome(tx, home, civilDateIn(home.zone, Date.now()), 'later'),
    );
    duties += rows.length;
  }, REBUILT_AT_ONCE);
  console.log(`${homes - failed} homes, ${duties} duties projected anew`);
});
