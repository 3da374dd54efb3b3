import { hash, verify } from '@node-rs/argon2';
import { v7 as uuid } from 'uuid';
import type { Me } from '../../contract/schemas.ts';
import { asPerson, type Database, type Tx } from '../db/database.ts';
import { findCredentials, findMe, insertAccount } from '../stores/accountStore.ts';
import { Failure } from './failure.ts';

/** Argon2id with 19 MiB and two passes: the least of current guidance for interactive sign-in. */
const COST = { memoryCost: 19_456, timeCost: 2, parallelism: 1 };

/** The hash a password is checked against when the address is unknown, so that the answer takes as long. */
const nobody = hash('nobody has this password', COST);

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
  const me: Me = { personId: uuid(), name, email, demo: options.demo ?? false };
  const passwordHash = await hash(password, COST);
  await asPerson(db, me.personId, async (tx) => {
    if (!(await insertAccount(tx, me, passwordHash))) throw new Failure('email-taken', 'email');
    await options.within?.(tx, me);
  });
  return me;
}

/** Checks a password. An unknown address and a wrong password are told apart by nobody. */
export async function signIn(db: Database, email: string, password: string, mayBeDemo: boolean): Promise<Me> {
  const known = await asPerson(db, null, (tx) => findCredentials(tx, email));
  const right = await verify(known?.passwordHash ?? (await nobody), password);
  if (!known || !right) throw new Failure('wrong-credentials', 'password');
  if (known.demo && !mayBeDemo) throw new Failure('demo-off-loopback', 'email');
  return whoIs(db, known.personId);
}

/** The account of a session; one erased since is signed in no longer. */
export async function whoIs(db: Database, personId: string): Promise<Me> {
  const me = await asPerson(db, personId, (tx) => findMe(tx, personId));
  if (!me) throw new Failure('not-signed-in');
  return me;
}

/** Who has an address; null for nobody. For commands run on the installation's own machine. */
export async function personByEmail(db: Database, email: string): Promise<string | null> {
  const known = await asPerson(db, null, (tx) => findCredentials(tx, email.trim().toLowerCase()));
  return known?.personId ?? null;
}
