import type { Database } from '../db/database.ts';
import { countAttempt, forgetAttempts, uncountAttempt } from '../stores/attemptStore.ts';

/** Counts tries in PostgreSQL, so that several servers count together; the shape express-rate-limit asks for. */
export function attemptCounter(db: Database, prefix: string) {
  let windowMs = 0;
  const named = (key: string): string => `${prefix}:${key}`;
  return {
    /** Keeps the counters of one request apart. */
    prefix,
    init: (options: { windowMs: number }) => {
      windowMs = options.windowMs;
    },
    increment: async (key: string) => {
      const { count, resetsAt } = await countAttempt(db, named(key), windowMs);
      return { totalHits: count, resetTime: resetsAt };
    },
    decrement: (key: string) => uncountAttempt(db, named(key)),
    resetKey: (key: string) => forgetAttempts(db, named(key)),
  };
}
