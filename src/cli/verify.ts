import { asPerson } from '../server/db/database.ts';
import { verifyLedger } from '../server/services/verifyLedger.ts';
import { runCommand } from './complain.ts';
import { eachHome } from './eachHome.ts';

const WHAT = {
  hash: 'its hash does not fit it and the entry before',
  unreadable: 'it cannot be read',
  columns: 'its columns do not say what it says',
} as const;

// Recomputes every hash of every home's ledger; names the first broken entry of each home that has one and ends with exit code 1.
await runCommand(async () => {
  let entries = 0;
  const { homes, failed } = await eachHome(async (db, { home, personId }) => {
    const found = await asPerson(db, personId, (tx) => verifyLedger(tx, home.id));
    entries += found.entries;
    if (found.broken) {
      const { seq, entryId, what } = found.broken;
      throw new Error(`entry ${seq} (${entryId}) is not as it was written: ${WHAT[what]}`);
    }
  });
  console.log(`${homes} homes, ${entries} entries read, ${failed} homes not as they were written`);
});
