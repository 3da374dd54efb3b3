import { Client } from 'pg';
import { databaseOf } from '../server/db/setup.ts';
import { asOneself } from './postgres.ts';

/** The arguments and environment that PostgreSQL's programs need for a database. The password is not an argument, because others can read those. */
function programInput(url: string): { words: string[]; environment: Record<string, string> } {
  const { hostname, port, username, password, searchParams } = new URL(url);
  return {
    words: [
      ...['--host', hostname.replaceAll(/^\[|\]$/g, '')],
      ...(port === '' ? [] : ['--port', port]),
      ...['--username', decodeURIComponent(username)],
      ...['--dbname', databaseOf(url)],
    ],
    environment: {
      PGPASSWORD: decodeURIComponent(password),
      ...(searchParams.get('sslmode') && { PGSSLMODE: searchParams.get('sslmode') ?? '' }),
    },
  };
}

/** The version of the server at an address. */
export async function serverVersion(url: string): Promise<number> {
  const client = new Client({ connectionString: url });
  await client.connect();
  try {
    const { rows } = await client.query<{ server_version_num: string }>('SHOW server_version_num');
    return Math.floor(Number(rows[0]?.server_version_num ?? 0) / 10_000);
  } finally {
    await client.end();
  }
}

/**
 * Writes a database into a file in PostgreSQL's own format, as it stood at one moment, while others go on working with it. `ownerUrl`: the
 * role that all its tables belong to. `version`: whose programs do it.
 */
export async function dumpDatabase(ownerUrl: string, file: string, version: number): Promise<void> {
  const { words, environment } = programInput(ownerUrl);
  // The owner sees every row by a policy; without the option the program would refuse to rely on one.
  const options = ['--format=custom', '--enable-row-security', `--file=${file}`];
  await asOneself(version, 'pg_dump', [...options, ...words], environment);
}

/** Fills an empty database from such a file, all or nothing. `adminUrl`: a role that may make tables for their owner. */
export async function fillDatabase(adminUrl: string, file: string, version: number): Promise<void> {
  const { words, environment } = programInput(adminUrl);
  await asOneself(
    version,
    'pg_restore',
    ['--exit-on-error', '--single-transaction', ...words, file],
    environment,
  );
}
