import { createHash } from 'node:crypto';
import { escapeIdentifier, escapeLiteral, type Client } from 'pg';

/** The passwords of the two roles the product works with. The superuser is for set-up only. */
export interface RolePasswords {
  readonly owner: string;
  readonly app: string;
}

/** The names of the two roles of a database. */
export interface RoleNames {
  readonly owner: string;
  readonly app: string;
}

/** The role names in the text of the migrations. Old databases, from before each had roles of its own, still use them. */
export const WRITTEN: RoleNames = { owner: 'salt_owner', app: 'salt_app' };

/** PostgreSQL cuts names off after 63 bytes; the longest ending is `_owner`. */
const MOST_BYTES = 63 - '_owner'.length;

/** The roles of a database have its name: two installations on one server have nothing in common. */
export function rolesNamedFor(database: string): RoleNames {
  const hash = createHash('sha256').update(database).digest('hex').slice(0, 12);
  const name = Buffer.byteLength(database) <= MOST_BYTES ? database : `salt_${hash}`;
  return { owner: `${name}_owner`, app: `${name}_app` };
}

const OWNER = /_owner$/;

/** The roles of a database: those its tables belong to, under whatever name it was made, or those it would get. */
export async function rolesOf(admin: Client, database: string): Promise<RoleNames> {
  const { rows } = await admin.query<{ owner: string }>(
    "SELECT tableowner AS owner FROM pg_tables WHERE schemaname = 'public' AND tablename = 'membership'",
  );
  const owner = rows[0]?.owner ?? '';
  return OWNER.test(owner) ? { owner, app: owner.replace(OWNER, '_app') } : rolesNamedFor(database);
}

/** Makes the roles that are missing. A role that is there keeps its password. */
export async function makeRoles(admin: Client, names: RoleNames, passwords: RolePasswords): Promise<void> {
  for (const part of ['owner', 'app'] as const) {
    const { rowCount } = await admin.query('SELECT 1 FROM pg_roles WHERE rolname = $1', [names[part]]);
    if (rowCount === 0)
      await admin.query(
        `CREATE ROLE ${escapeIdentifier(names[part])} LOGIN NOSUPERUSER NOCREATEDB NOCREATEROLE NOBYPASSRLS PASSWORD ${escapeLiteral(passwords[part])}`,
      );
  }
}

/**
 * Who may do what with a database as a whole: nobody but the two roles may connect, and neither may make temporary tables, which could
 * be taken for the real ones. A copy of a database does not have the rights of its template: they are settled again.
 */
export async function settleRights(admin: Client, database: string, names: RoleNames): Promise<void> {
  const name = escapeIdentifier(database);
  const [owner, app] = [escapeIdentifier(names.owner), escapeIdentifier(names.app)];
  await admin.query(`REVOKE CONNECT, TEMPORARY ON DATABASE ${name} FROM PUBLIC`);
  await admin.query(`GRANT CONNECT, CREATE ON DATABASE ${name} TO ${owner}`);
  await admin.query(`GRANT CONNECT ON DATABASE ${name} TO ${app}`);
}
