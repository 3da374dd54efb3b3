import { integer, pgTable, timestamp, uuid } from 'drizzle-orm/pg-core';

/** The trace of an erased home: that it was, who erased it, when, and how many entries went. */
export const erasure = pgTable('erasure', {
  homeId: uuid('home_id').primaryKey(),
  byPerson: uuid('by_person').notNull(),
  at: timestamp('at', { withTimezone: true, precision: 3 }).notNull().defaultNow(),
  entries: integer('entries').notNull(),
});
