import { v7 as uuid } from 'uuid';
import type { Me, SignedInBrowser } from '../../contract/accounts.ts';
import type { Response } from '../../contract/routes.ts';
import { asPerson, type Database, type Tx } from '../db/database.ts';
import * as accounts from '../stores/accountStore.ts';
import { listHomes } from '../stores/homeStore.ts';
import { listMembers } from '../stores/memberStore.ts';
import { endSession, endSessions, listSessions } from '../stores/sessionStore.ts';
import { Failure } from './failure.ts';
import { hashPassword, isRight, mustBeStrong } from './passwords.ts';

export interface NewAccount {
  readonly name: string;
  readonly email: string;
  readonly password: string;
}

/** `within` runs in the same transaction, as the new person: both happen or neither. */
export interface SignUpOptions {
  readonly demo?: boolean;
  readonly within?: (tx: Tx, me: Me) => Promise<void>;
}

/** Makes an account; `demo` marks the one a demo installation offers. */
export async function signUp(db: Database, account: NewAccount, options: SignUpOptions = {}): Promise<Me> {
  const { name, email, password } = account;
  mustBeStrong(password, [name, email], 'password');
  const me: Me = { personId: uuid(), name, email, demo: options.demo ?? false };
  const passwordHash = await hashPassword(password);
  await asPerson(db, me.personId, async (tx) => {
    if (!(await accounts.insertAccount(tx, me, passwordHash))) throw new Failure('email-taken', 'email');
    await options.within?.(tx, me);
  });
  return me;
}

/** Checks a password. An unknown address and a wrong password are told apart by nobody. */
export async function signIn(db: Database, email: string, password: string, mayBeDemo: boolean): Promise<Me> {
  const known = await asPerson(db, null, (tx) => accounts.findCredentials(tx, email));
  const right = await isRight(known?.passwordHash ?? null, password);
  if (!known || !right) throw new Failure('wrong-credentials', 'password');
  if (known.demo && !mayBeDemo) throw new Failure('demo-off-loopback', 'email');
  return whoIs(db, known.personId);
}

/** Notes that somebody signed in: they see it, and so do the owners of their homes. `now`: epoch milliseconds. */
export const noteSignIn = (db: Database, personId: string, agent: string, now: number): Promise<void> =>
  asPerson(db, personId, (tx) =>
    accounts.insertSignIn(tx, { id: uuid(), personId, at: new Date(now), agent }),
  );

/** The account of a session; one erased since is signed in no longer. */
export async function whoIs(db: Database, personId: string): Promise<Me> {
  const me = await asPerson(db, personId, (tx) => accounts.findMe(tx, personId));
  if (!me) throw new Failure('not-signed-in');
  return me;
}

/** Who has an address; null for nobody. For commands run on the installation's own machine. */
export async function personByEmail(db: Database, email: string): Promise<string | null> {
  const known = await asPerson(db, null, (tx) => accounts.findCredentials(tx, email.trim().toLowerCase()));
  return known?.personId ?? null;
}

/** Checks the password of somebody who is signed in. */
export async function mustKnowPassword(db: Database, personId: string, password: string): Promise<Me> {
  const me = await whoIs(db, personId);
  const known = await asPerson(db, null, (tx) => accounts.findCredentials(tx, me.email));
  if (!(await isRight(known?.passwordHash ?? null, password)))
    throw new Failure('wrong-credentials', 'password');
  return me;
}

/** The demo's account is everybody's who is at the machine: it stays as it is. */
function mustNotBeDemo({ demo }: Me): void {
  if (demo) throw new Failure('demo-account');
}

/** Changes a password. Every other browser of the account is signed out: whoever knew the old one has no use of it. */
export async function changePassword(
  db: Database,
  personId: string,
  { password, newPassword }: { readonly password: string; readonly newPassword: string },
  sessionId: string,
): Promise<void> {
  const me = await mustKnowPassword(db, personId, password);
  mustNotBeDemo(me);
  mustBeStrong(newPassword, [me.name, me.email, password], 'newPassword');
  const passwordHash = await hashPassword(newPassword);
  await asPerson(db, personId, async (tx) => {
    await accounts.updatePassword(tx, personId, passwordHash);
    await endSessions(tx, personId, sessionId);
  });
}

/** The browsers that are signed in, those seen last first. `here`: the handle of the one that asks. */
export async function browsersOf(db: Database, personId: string, here: string): Promise<SignedInBrowser[]> {
  const sessions = await listSessions(db, personId);
  return sessions
    .sort((a, b) => b.seenAt - a.seenAt)
    .flatMap(({ handle, agent, since, seenAt }) =>
      // One from before sessions had handles ends by itself within a month.
      handle === ''
        ? []
        : [{ id: handle, agent, since: timeOf(since), seenAt: timeOf(seenAt), here: handle === here }],
    );
}

const timeOf = (milliseconds: number): string => new Date(milliseconds).toISOString();

export async function endBrowser(db: Database, personId: string, handle: string): Promise<void> {
  if (!(await endSession(db, personId, handle))) throw new Failure('not-found', 'browserId');
}

export const endOtherBrowsers = (db: Database, personId: string, sessionId: string): Promise<void> =>
  endSessions(db, personId, sessionId);

/** All that is kept of an account. */
export async function exportAccount(
  db: Database,
  personId: string,
  here: string,
): Promise<Response<'exportAccount'>> {
  const me = await whoIs(db, personId);
  const browsers = await browsersOf(db, personId, here);
  return asPerson(db, personId, async (tx) => {
    const homes = await listHomes(tx, personId);
    const signIns = await accounts.listSignIns(tx, personId);
    const madeAt = await accounts.findMadeAt(tx, personId);
    return {
      format: 'salt-ledger-account',
      version: 1,
      account: { ...me, madeAt: (madeAt ?? new Date(0)).toISOString() },
      homes: homes.map(({ id, name, role }) => ({ id, name, role })),
      browsers,
      signIns: signIns.map(({ at, agent }) => ({ at: at.toISOString(), agent })),
    };
  });
}

/** Deletes an account. Homes that would be left without an owner are named; nothing is deleted then. */
export async function deleteAccount(db: Database, personId: string): Promise<void> {
  mustNotBeDemo(await whoIs(db, personId));
  await asPerson(db, personId, async (tx) => {
    if (!(await accounts.deleteAccount(tx)))
      throw new Failure('only-owner', 'account', {
        kind: 'only-owner',
        names: await homesOnlyTheirs(tx, personId),
      });
    await endSessions(tx, personId, null);
  });
}

async function homesOnlyTheirs(tx: Tx, personId: string): Promise<string[]> {
  const names: string[] = [];
  for (const { id, name, role } of await listHomes(tx, personId)) {
    if (role !== 'owner') continue;
    const members = await listMembers(tx, id);
    if (!members.some((one) => one.role === 'owner' && one.personId !== personId)) names.push(name);
  }
  return names;
}
