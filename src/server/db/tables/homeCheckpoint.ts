import { date, integer, pgTable, text, uuid } from 'drizzle-orm/pg-core';
import { home } from './home.ts';

/** A home's past folded up to the end of a day, beside its schedule: a cache of the ledger. One written of another version is not read. */
export const homeCheckpoint = pgTable('home_checkpoint', {
  homeId: uuid('home_id')
    .primaryKey()
    .references(() => home.homeId),
  version: integer('version').notNull(),
  upTo: date('up_to', { mode: 'string' }).notNull(),
  /** SHA-256, hex, of the house it was folded for: of another one it is not read. */
  house: text('house').notNull(),
  /** JSON, as text: it is read whole or not at all. */
  content: text('content').notNull(),
  /** SHA-256, hex, of the content, which was judged before it was sealed. */
  seal: text('seal').notNull(),
});
