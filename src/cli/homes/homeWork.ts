import { civilDateIn } from '../../core/calendar/zone.ts';
import { asPerson, asWriter, type Database } from '../../server/db/database.ts';
import type { OwnedHome } from '../../server/services/everyHome.ts';
import { rebuildHome } from '../../server/services/schedule.ts';
import { unlikeFiles } from '../../server/stores/unlikeFiles.ts';
import { verifyLedger } from '../../server/services/verifyLedger.ts';

const WHAT = {
  hash: 'its hash does not fit it and the entry before',
  unreadable: 'it cannot be read',
  columns: 'its columns do not say what it says',
} as const;

/** Works on one home as its owner; `now`: epoch milliseconds. Answers with how many duties or entries it worked on. Throws what is wrong with the home. */
type HomeWork = (db: Database, one: OwnedHome, now: number) => Promise<number>;

/** The work of a command on every home, by name: a name can be sent to another process. */
export const HOME_WORK = {
  /** Projects the schedule anew from the ledger. */
  rebuild: (db, { home, personId }, now) =>
    asWriter(db, personId, home.id, async (tx) => {
      const rows = await rebuildHome(tx, home, civilDateIn(home.zone, now));
      return rows.length;
    }),
  /** Recomputes every hash of the ledger, and of every photo and paper. */
  verify: (db, { home, personId }) =>
    asPerson(db, personId, async (tx) => {
      const { broken, entries } = await verifyLedger(tx, home.id);
      if (broken) {
        const { seq, entryId, what } = broken;
        throw new Error(`entry ${seq} (${entryId}) is not as it was written: ${WHAT[what]}`);
      }
      const [unlike] = await unlikeFiles(tx, home.id);
      if (unlike) throw new Error(`the ${unlike.what} ${unlike.id} is not as it was written`);
      return entries;
    }),
} satisfies Record<string, HomeWork>;

export type HomeWorkName = keyof typeof HOME_WORK;
