import { Client } from 'pg';
import { inject } from 'vitest';
import { rolesNamedFor, settleRights } from '../../src/server/db/roles.ts';
import { urlsWith, type DatabaseUrls } from '../../src/server/db/setup.ts';
import { PASSWORDS, TEMPLATE } from './fixed.ts';

let made = 0;

/** A fresh, migrated database of its own (or a copy of another), and the superuser's address of it. */
export async function freshDatabase(template = TEMPLATE): Promise<DatabaseUrls & { admin: string }> {
  made += 1;
  const name = `t_${process.pid}_${made}_${Date.now().toString(36)}`;
  const admin = new URL(inject('adminUrl'));
  admin.pathname = '/postgres';
  const client = new Client({ connectionString: admin.href });
  await client.connect();
  try {
    await client.query(`CREATE DATABASE ${name} TEMPLATE ${template}`);
    await settleRights(client, name, rolesNamedFor(template));
  } finally {
    await client.end();
  }
  admin.pathname = `/${name}`;
  return { ...urlsWith(admin.href, rolesNamedFor(template), PASSWORDS), admin: admin.href };
}

/** Runs one statement under a role's address; `person` is whom the transaction is for. */
export async function query(url: string, text: string, person?: string): Promise<Record<string, unknown>[]> {
  const client = new Client({ connectionString: url });
  await client.connect();
  try {
    await client.query('BEGIN');
    if (person !== undefined) await client.query("SELECT set_config('salt.person', $1, true)", [person]);
    const { rows } = await client.query<Record<string, unknown>>(text);
    await client.query('COMMIT');
    return rows;
  } finally {
    await client.end();
  }
}
