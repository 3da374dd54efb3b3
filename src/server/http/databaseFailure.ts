import { Failure } from '../services/failure.ts';

/** Class 08 and 57P are PostgreSQL's own words for connections lost and shutting down; the rest come from the socket. */
const GONE = /^(08...|57P0.|ECONNREFUSED|ECONNRESET|EPIPE|ETIMEDOUT)$/;
const GONE_WORDS =
  /Connection terminated|timeout exceeded when trying to connect|Client has encountered a connection error/;

/** Whether the database cannot be reached just now. */
export function isDatabaseGone(error: unknown): boolean {
  if (!(error instanceof Error)) return false;
  return ('code' in error && GONE.test(String(error.code))) || GONE_WORDS.test(error.message);
}

/**
 * Failures that PostgreSQL's states stand for, as the sender of the request is told: a last net, below the checks that name the field. Null for states that only a
 * fault of the program brings about. Source: appendix A of PostgreSQL's manual.
 */
export function databaseFailure(error: unknown): Failure | null {
  if (isDatabaseGone(error)) return new Failure('unavailable');
  if (!(error instanceof Error) || !('code' in error)) return null;
  const state = String(error.code);
  // Lock and statement timeouts, deadlocks, idle transactions ended, too many connections, a full disk, read-only after a failover.
  if (/^(55P03|57014|40001|40P01|25P03|53...|58030|25006)$/.test(state)) return new Failure('unavailable');
  // Text, numbers, dates and JSON that a column cannot hold.
  if (/^(22...|23502|23514)$/.test(state)) return new Failure('invalid', 'body', { kind: 'invalid' });
  switch (state) {
    case '23505':
      return new Failure('id-taken', 'body');
    case '23503':
      return new Failure('reference-unknown', 'body');
    // A row-level policy: who sent it was let out of the home, or the home was erased, while it was on its way.
    case '42501':
      return new Failure('not-allowed');
    default:
      return null;
  }
}
