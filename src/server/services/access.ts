import { allows, type Permission } from '../../contract/access.ts';
import type { HomeSummary } from '../../contract/schemas.ts';
import { lockLedger } from '../stores/entryStore.ts';
import { findHome } from '../stores/homeStore.ts';
import { asPerson, type Database, type Tx } from '../db/database.ts';
import { Failure } from './failure.ts';

/**
 * Runs work on a home in one transaction. Someone else's home is not found, as if it did not exist; a member whose role
 * does not allow the work is told so. Whatever may write holds the home's ledger from the start: a home erased, or a run finished, by
 * another server meanwhile is then seen.
 */
export function inHome<T>(
  db: Database,
  personId: string,
  homeId: string,
  permission: Permission,
  work: (tx: Tx, home: HomeSummary) => Promise<T>,
): Promise<T> {
  return asPerson(db, personId, async (tx) => {
    if (permission !== 'read') await lockLedger(tx, homeId);
    const home = await findHome(tx, personId, homeId);
    if (!home) throw new Failure('not-found', 'homeId');
    if (!allows(home.role, permission)) throw new Failure('not-allowed');
    return work(tx, home);
  });
}
