import { createHash } from 'node:crypto';
import canonicalize from 'canonicalize';

/** SHA-256, in hex, of a value's canonical JSON (RFC 8785). */
export function canonicalHash(value: unknown): string {
  const text = canonicalize(value);
  if (text === undefined) throw new Error('a value with no JSON form has no hash');
  return createHash('sha256').update(text, 'utf8').digest('hex');
}

/** The previous hash of the first line of a ledger. */
export const firstHash = '0'.repeat(64);

/** The hash that seals a line of a home's ledger to the line before it. */
export function lineHash(homeId: string, seq: number, entry: unknown, prevHash: string): string {
  return canonicalHash({ homeId, seq, entry, prevHash });
}

/** The hash of what a client sent: a second sending of the same id must agree. */
export function sentHash(sent: {
  id: string;
  date: string;
  batch?: string | undefined;
  body: unknown;
}): string {
  const { id, date, batch, body } = sent;
  return canonicalHash({ id, date, body, ...(batch !== undefined && { batch }) });
}

/** The first number at which a ledger's chain does not hold, or null when it holds throughout. */
export function firstBreak(
  homeId: string,
  lines: readonly { seq: number; entry: unknown; prevHash: string; hash: string }[],
): number | null {
  let previous = firstHash;
  for (const [index, { seq, entry, prevHash, hash }] of lines.entries()) {
    if (seq !== index + 1 || prevHash !== previous || lineHash(homeId, seq, entry, prevHash) !== hash)
      return index + 1;
    previous = hash;
  }
  return null;
}
