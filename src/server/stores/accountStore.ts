import { eq, sql } from 'drizzle-orm';
import type { Me } from '../../contract/schemas.ts';
import type { Tx } from '../db/database.ts';
import { account } from '../db/tables/index.ts';
import { oneRow } from './rows.ts';

export interface Credentials {
  readonly personId: string;
  readonly passwordHash: string;
  readonly demo: boolean;
}

/** Makes an account; false when the e-mail address has one already. */
export async function insertAccount(tx: Tx, me: Me, passwordHash: string): Promise<boolean> {
  const row = await oneRow<{ made: boolean }>(
    tx,
    sql`SELECT sign_up(${me.personId}, ${me.name}, ${me.email}, ${passwordHash}, ${me.demo}) AS made`,
  );
  return row.made;
}

/** The account of an address as signing in needs it, before anyone is signed in. */
export async function findCredentials(tx: Tx, email: string): Promise<Credentials | null> {
  const { rows } = await tx.execute<{ person_id: string; password_hash: string; demo: boolean }>(
    sql`SELECT person_id, password_hash, demo FROM account_for_sign_in(${email})`,
  );
  const row = rows[0];
  return row ? { personId: row.person_id, passwordHash: row.password_hash, demo: row.demo } : null;
}

/** The account of the person the transaction is for. */
export async function findMe(tx: Tx, personId: string): Promise<Me | null> {
  const columns = {
    personId: account.personId,
    name: account.name,
    email: account.email,
    demo: account.demo,
  };
  const [row] = await tx.select(columns).from(account).where(eq(account.personId, personId));
  return row ?? null;
}
