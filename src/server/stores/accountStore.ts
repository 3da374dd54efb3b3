import { and, asc, desc, eq, lt, sql } from 'drizzle-orm';
import type { Me } from '../../contract/accounts.ts';
import type { Tx } from '../db/database.ts';
import { account, signIn } from '../db/tables/index.ts';
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

/** When the account of the transaction's person was made. */
export async function findMadeAt(tx: Tx, personId: string): Promise<Date | null> {
  const [row] = await tx
    .select({ madeAt: account.createdAt })
    .from(account)
    .where(eq(account.personId, personId));
  return row?.madeAt ?? null;
}

export async function updatePassword(tx: Tx, personId: string, passwordHash: string): Promise<void> {
  await tx.update(account).set({ passwordHash }).where(eq(account.personId, personId));
}

/** Deletes the account of the transaction's person; false where they are the only owner of a home. */
export async function deleteAccount(tx: Tx): Promise<boolean> {
  const row = await oneRow<{ deleted: boolean }>(tx, sql`SELECT delete_account() AS deleted`);
  return row.deleted;
}

const SIGN_INS_KEPT_MS = 400 * 24 * 60 * 60 * 1000;

/** Notes that the transaction's person signed in; what was noted more than 400 days ago goes. */
export async function insertSignIn(
  tx: Tx,
  one: { readonly id: string; readonly personId: string; readonly at: Date; readonly agent: string },
): Promise<void> {
  await tx.insert(signIn).values(one);
  const old = new Date(one.at.getTime() - SIGN_INS_KEPT_MS);
  await tx.delete(signIn).where(and(eq(signIn.personId, one.personId), lt(signIn.at, old)));
}

/** When and with what a person signed in, the last first. */
export async function listSignIns(tx: Tx, personId: string): Promise<{ at: Date; agent: string }[]> {
  return tx
    .select({ at: signIn.at, agent: signIn.agent })
    .from(signIn)
    .where(eq(signIn.personId, personId))
    .orderBy(desc(signIn.at), asc(signIn.id));
}
