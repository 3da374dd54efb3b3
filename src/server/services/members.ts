import { createHash, randomBytes } from 'node:crypto';
import { v7 as uuid } from 'uuid';
import type { Role } from '../../contract/access.ts';
import {
  homeActSchema,
  INVITATION_DAYS,
  type HomeAct,
  type Invitation,
  type Member,
  type Offer,
  type ActLine,
} from '../../contract/members.ts';
import type { Home } from '../../core/house/house.ts';
import { asPerson, type Database, type Tx } from '../db/database.ts';
import * as members from '../stores/memberStore.ts';
import { Failure } from './failure.ts';
import type { Writing } from './ledger.ts';

const DAY_MS = 24 * 60 * 60 * 1000;
/** More than any household; each is a way in. */
const MOST_INVITATIONS = 50;

export const membersOf = (tx: Tx, home: Home): Promise<Member[]> => members.listMembers(tx, home.id);

/** Whether somebody owns a home. */
export async function isOwner(tx: Tx, home: Home, personId: string): Promise<boolean> {
  const all = await members.listMembers(tx, home.id);
  return all.some((one) => one.personId === personId && one.role === 'owner');
}

const stampAt = (now: number): members.ActStamp => ({ id: uuid(), at: new Date(now) });

/** Leaves a line, for the home's owners, that something was done. */
export const noteAct = (tx: Tx, home: Home, act: HomeAct, { by, now }: Writing): Promise<void> =>
  members.insertAct(tx, home.id, by, act, stampAt(now));

/** Changes what a member may do. A home always keeps an owner. */
export async function setMember(
  tx: Tx,
  home: Home,
  personId: string,
  role: Role,
  now: number,
): Promise<void> {
  settle(await members.setRole(tx, home.id, personId, role, stampAt(now)), 'role');
}

/** Takes somebody out of a home. From then on they see nothing of it; what they wrote stays. */
export async function removeMember(tx: Tx, home: Home, personId: string, now: number): Promise<void> {
  settle(await members.removeMember(tx, home.id, personId, stampAt(now)), 'personId');
}

function settle(outcome: members.SetRoleOutcome | members.RemoveOutcome, field: string): void {
  switch (outcome) {
    case 'changed':
    case 'removed':
      return;
    case 'unknown':
      throw new Failure('member-unknown', 'personId');
    case 'last-owner':
      throw new Failure('last-owner', field);
    case 'not-owner':
      throw new Failure('not-allowed');
  }
}

export interface NewInvitation {
  readonly id: string;
  readonly email: string;
  readonly role: Role;
}

/**
 * Makes a link by which the account of an address may come into a home: once, within seven days. Whether there is such an account is not
 * looked at, so the answer tells nothing of it. Of the secret only a hash is kept; an earlier link for the address is worth nothing more.
 */
export async function invite(
  tx: Tx,
  home: Home,
  { id, email, role }: NewInvitation,
  { by, now }: Writing,
): Promise<{ token: string; expiresAt: string }> {
  const madeAt = new Date(now);
  if ((await members.countInvitations(tx, home.id, madeAt)) >= MOST_INVITATIONS)
    throw new Failure('too-many-invitations', 'email', { kind: 'too-big', maximum: MOST_INVITATIONS });
  const token = randomBytes(32).toString('base64url');
  const expiresAt = new Date(now + INVITATION_DAYS * DAY_MS);
  await members.insertInvitation(tx, {
    homeId: home.id,
    id,
    email,
    role,
    tokenHash: hashOf(token),
    byPerson: by,
    madeAt,
    expiresAt,
  });
  await noteAct(tx, home, { act: 'invited', email, role }, { by, now });
  return { token, expiresAt: expiresAt.toISOString() };
}

const hashOf = (token: string): string => createHash('sha256').update(token).digest('hex');

export async function invitationsOf(tx: Tx, home: Home, now: number): Promise<Invitation[]> {
  const all = await members.listInvitations(tx, home.id, new Date(now));
  return all.map(({ expiresAt, ...one }) => ({ ...one, expiresAt: expiresAt.toISOString() }));
}

/** Makes the link of an invitation worth nothing. */
export async function withdrawInvitation(tx: Tx, home: Home, id: string, writing: Writing): Promise<void> {
  const email = await members.deleteInvitation(tx, home.id, id);
  if (email === null) throw new Failure('not-found', 'invitationId');
  await noteAct(tx, home, { act: 'invitationWithdrawn', email }, writing);
}

/** Reads the invitation of a link, for somebody who is signed in. */
export async function readInvitation(
  db: Database,
  personId: string,
  token: string,
  now: number,
): Promise<Offer> {
  const found = await asPerson(db, personId, (tx) =>
    members.findInvitation(tx, hashOf(token), new Date(now)),
  );
  if (!found) throw new Failure('invitation-over', 'token');
  const { homeName, role, byName, mine } = found;
  return { homeName, role, byName, mine, expiresAt: new Date(found.expiresAt).toISOString() };
}

/** Takes an invitation; answers with the home. Somebody who is in already keeps the role they have. */
export async function acceptInvitation(
  db: Database,
  personId: string,
  token: string,
  now: number,
): Promise<{ homeId: string }> {
  const { outcome, homeId } = await asPerson(db, personId, (tx) =>
    members.acceptInvitation(tx, hashOf(token), stampAt(now)),
  );
  if (outcome === 'other-address') throw new Failure('other-address', 'token');
  if (outcome === 'unknown' || homeId === null) throw new Failure('invitation-over', 'token');
  return { homeId };
}

/** The access history of a home, the newest first. */
export async function actsOf(
  tx: Tx,
  home: Home,
  { before, limit }: { readonly before?: string | undefined; readonly limit: number },
  now: number,
): Promise<ActLine[]> {
  const until = before === undefined ? new Date(now + DAY_MS) : new Date(before);
  const acts = await members.listActs(tx, home.id, until, limit);
  return acts.map(({ id, at, by, act, about }) => ({
    id,
    at: new Date(at).toISOString(),
    by,
    what: homeActSchema.parse({ act, ...about }),
  }));
}
