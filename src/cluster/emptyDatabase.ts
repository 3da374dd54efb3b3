import { escapeIdentifier } from 'pg';
import { makeRoles, settleRights, type RoleNames, type RolePasswords } from '../server/db/roles.ts';
import { databaseOf, maintenanceUrl, withClient } from '../server/db/setup.ts';

/** Makes the roles of a database and the database itself with nothing in it, to be filled from a dump of one that had these roles. */
export async function makeEmptyDatabase(
  adminUrl: string,
  roles: RoleNames,
  passwords: RolePasswords,
): Promise<void> {
  const database = databaseOf(adminUrl);
  await withClient(maintenanceUrl(adminUrl), async (client) => {
    await makeRoles(client, roles, passwords);
    await client.query(`CREATE DATABASE ${escapeIdentifier(database)}`);
    await settleRights(client, database, roles);
  });
}
