import { hash, verify } from '@node-rs/argon2';
import { strengthOf } from '../../adapters/passwordStrength.ts';
import { Failure } from './failure.ts';

/** Argon2id with 19 MiB and two passes: the least of current guidance for interactive sign-in. */
const COST = { memoryCost: 19_456, timeCost: 2, parallelism: 1 };

/** The hash a password is checked against when the address is unknown, so that the answer takes as long. */
const nobody = hash('nobody has this password', COST);

export const hashPassword = (password: string): Promise<string> => hash(password, COST);

/** Whether a password is right; null for the account of nobody, whose password none is. */
export async function isRight(passwordHash: string | null, password: string): Promise<boolean> {
  const right = await verify(passwordHash ?? (await nobody), password);
  return right && passwordHash !== null;
}

/** Refuses a password that is easy to guess. `about`: words that others know of its owner. */
export function mustBeStrong(password: string, about: readonly string[], field: string): void {
  const { weakness } = strengthOf(password, about);
  if (weakness !== null)
    throw new Failure('password-weak', field, { kind: 'password-weak', expected: weakness });
}
