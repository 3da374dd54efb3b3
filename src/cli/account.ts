import { BadInput } from './complain.ts';
import { openInstallation, withDatabase } from '../cluster/installation.ts';
import { openDatabase, type Database } from '../server/db/database.ts';
import { DEMO_EMAIL } from '../server/demoAccount.ts';
import { personByEmail } from '../server/services/accounts.ts';
import { homesOf } from '../server/services/homes.ts';
import type { HomeSummary } from '../contract/schemas.ts';

/** Works on the installation's database as the person of an e-mail address; the demo account when none is named. */
export function asAccount<T>(
  email: string | undefined,
  work: (db: Database, personId: string) => Promise<T>,
): Promise<T> {
  const wanted = email ?? DEMO_EMAIL;
  return withDatabase(openInstallation(), async ({ app }) => {
    const { db, pool } = openDatabase(app, () => undefined);
    try {
      const personId = await personByEmail(db, wanted);
      if (personId === null) throw new BadInput([`--as: no account has the address ${wanted}`]);
      return await work(db, personId);
    } finally {
      await pool.end();
    }
  });
}

/** The one home of a person that a name or id means. */
export async function findHome(db: Database, personId: string, wanted: string): Promise<HomeSummary> {
  const homes = await homesOf(db, personId);
  const found = homes.filter(({ id, name }) => id === wanted || name.toLowerCase() === wanted.toLowerCase());
  const [home, second] = found;
  if (second)
    throw new BadInput([
      `more than one home is called ${wanted}; use an id: ${found.map(({ id }) => id).join(', ')}`,
    ]);
  if (home) return home;
  const known = homes.map(({ id, name }) => `  ${id}  ${name}`);
  throw new BadInput([`no home is called ${wanted}; this account has:`, ...known]);
}
