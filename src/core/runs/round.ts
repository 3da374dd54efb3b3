import type { RoundCode } from '../basics/roundCode.ts';

/** One row of a round: what goes together, when in the season, what must be finished first, and why it sits there. */
export interface RoundRow {
  readonly row: number;
  readonly what: string;
  readonly practices: readonly string[];
  /** When: a part of the season in words. */
  readonly window: string;
  readonly after: readonly number[];
  readonly because: string;
  /** The visits are only booked here: they are logged when they have been made. */
  readonly books: boolean;
}

/** An ordered list over the whole house; texts in the catalogue's words. */
export interface Round {
  readonly code: RoundCode;
  readonly title: string;
  readonly lead: string;
  /** The event that opened it, noted when it is finished: an event of that name. */
  readonly event: string | null;
  readonly rows: readonly RoundRow[];
}

/** Rows in their order, numbered from 1. */
export const rowsOf = (
  ...rows: readonly (readonly [
    what: string,
    practices: readonly string[],
    window: string,
    after: readonly number[],
    because: string,
    books?: 'books',
  ])[]
): readonly RoundRow[] =>
  rows.map(([what, practices, window, after, because, books], place) => ({
    row: place + 1,
    what,
    practices,
    window,
    after,
    because,
    books: books === 'books',
  }));
