import { and, asc, count, eq, gt, lte, or, sql } from 'drizzle-orm';
import type { Role } from '../../contract/access.ts';
import type { HomeAct, Member } from '../../contract/members.ts';
import type { Tx } from '../db/database.ts';
import { homeAct, homePerson, invitation, membership } from '../db/tables/index.ts';
import { oneRow } from './rows.ts';

/** The members of a home, by name. */
export function listMembers(tx: Tx, homeId: string): Promise<Member[]> {
  return tx
    .select({ personId: membership.personId, name: homePerson.name, role: membership.role })
    .from(membership)
    .innerJoin(
      homePerson,
      and(eq(homePerson.homeId, membership.homeId), eq(homePerson.personId, membership.personId)),
    )
    .where(eq(membership.homeId, homeId))
    .orderBy(asc(homePerson.name), asc(membership.personId));
}

/** The id of an act on a home, and when it was done. */
export interface ActStamp {
  readonly id: string;
  readonly at: Date;
}

export type SetRoleOutcome = 'changed' | 'unknown' | 'last-owner' | 'not-owner';

/** Changes what a member may do. */
export async function setRole(
  tx: Tx,
  homeId: string,
  personId: string,
  role: Role,
  { id, at }: ActStamp,
): Promise<SetRoleOutcome> {
  const row = await oneRow<{ outcome: SetRoleOutcome }>(
    tx,
    sql`SELECT set_role(${homeId}, ${personId}, ${role}, ${id}, ${at.toISOString()}) AS outcome`,
  );
  return row.outcome;
}

export type RemoveOutcome = 'removed' | 'unknown' | 'last-owner' | 'not-owner';

/** Takes a member out of a home: themselves, or another as its owner. */
export async function removeMember(
  tx: Tx,
  homeId: string,
  personId: string,
  { id, at }: ActStamp,
): Promise<RemoveOutcome> {
  const row = await oneRow<{ outcome: RemoveOutcome }>(
    tx,
    sql`SELECT remove_member(${homeId}, ${personId}, ${id}, ${at.toISOString()}) AS outcome`,
  );
  return row.outcome;
}

type NewInvitation = typeof invitation.$inferInsert;

/** Keeps an invitation in place of an earlier one for the same address, and forgets those that have run out. */
export async function insertInvitation(tx: Tx, made: NewInvitation): Promise<void> {
  const { homeId, email, id, madeAt } = made;
  await tx
    .delete(invitation)
    .where(
      and(
        eq(invitation.homeId, homeId),
        or(eq(invitation.email, email), eq(invitation.id, id), lte(invitation.expiresAt, madeAt)),
      ),
    );
  await tx.insert(invitation).values(made);
}

export async function countInvitations(tx: Tx, homeId: string, now: Date): Promise<number> {
  const [row] = await tx
    .select({ n: count() })
    .from(invitation)
    .where(and(eq(invitation.homeId, homeId), gt(invitation.expiresAt, now)));
  return row?.n ?? 0;
}

/** The invitations of a home that can still be taken, by address. */
export function listInvitations(
  tx: Tx,
  homeId: string,
  now: Date,
): Promise<{ id: string; email: string; role: Role; expiresAt: Date }[]> {
  const { id, email, role, expiresAt } = invitation;
  return tx
    .select({ id, email, role, expiresAt })
    .from(invitation)
    .where(and(eq(invitation.homeId, homeId), gt(expiresAt, now)))
    .orderBy(asc(email));
}

/** Deletes an invitation; answers with the address it was for, or null where there is none. */
export async function deleteInvitation(tx: Tx, homeId: string, id: string): Promise<string | null> {
  const [row] = await tx
    .delete(invitation)
    .where(and(eq(invitation.homeId, homeId), eq(invitation.id, id)))
    .returning({ email: invitation.email });
  return row?.email ?? null;
}

export interface FoundInvitation extends Record<string, unknown> {
  readonly homeName: string;
  readonly role: Role;
  readonly byName: string;
  readonly expiresAt: Date | string;
  readonly mine: boolean;
}

/** Finds an invitation by the hash of its secret; null when there is none, or it has expired. */
export async function findInvitation(tx: Tx, hash: string, now: Date): Promise<FoundInvitation | null> {
  const { rows } = await tx.execute<FoundInvitation>(sql`
    SELECT home_name AS "homeName", role, by_name AS "byName", expires_at AS "expiresAt", mine
    FROM invitation_of(${hash}, ${now.toISOString()})`);
  return rows[0] ?? null;
}

export interface Accepted extends Record<string, unknown> {
  readonly outcome: 'joined' | 'member' | 'other-address' | 'unknown';
  readonly homeId: string | null;
}

/** Takes an invitation for the transaction's person. */
export const acceptInvitation = (tx: Tx, hash: string, { id, at }: ActStamp): Promise<Accepted> =>
  oneRow<Accepted>(
    tx,
    sql`SELECT outcome, of_home AS "homeId" FROM accept_invitation(${hash}, ${id}, ${at.toISOString()})`,
  );

/** Leaves a line that something was done with a home. */
export async function insertAct(
  tx: Tx,
  homeId: string,
  byPerson: string,
  { act, ...about }: HomeAct,
  line: ActStamp,
): Promise<void> {
  await tx.insert(homeAct).values({ homeId, byPerson, act, about, ...line });
}

export interface StoredAct extends Record<string, unknown> {
  readonly id: string;
  readonly at: Date | string;
  readonly by: string;
  readonly act: string;
  readonly about: object;
}

/** The acts on a home before a moment, the newest first. Only owners get any. */
export async function listActs(tx: Tx, homeId: string, before: Date, most: number): Promise<StoredAct[]> {
  const { rows } = await tx.execute<StoredAct>(sql`
    SELECT id, at, by_person AS by, act, about FROM acts_of(${homeId}, ${before.toISOString()}, ${most})`);
  return rows;
}

/** Which of some ids are accounts of others who are not in the home. */
export async function idsOfOthers(tx: Tx, homeId: string, ids: readonly string[]): Promise<string[]> {
  const row = await oneRow<{ ids: string[] }>(
    tx,
    sql`SELECT ids_of_others(${homeId}, ${sql.param([...ids])}::uuid[]) AS ids`,
  );
  return row.ids;
}
