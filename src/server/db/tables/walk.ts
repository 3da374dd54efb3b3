import { boolean, integer, jsonb, pgTable, timestamp, uuid } from 'drizzle-orm/pg-core';
import { home } from './home.ts';

/** The walk through a home as far as it has come: one for each home, taken up from any device. `revision` counts its savings. */
export const walk = pgTable('walk', {
  homeId: uuid('home_id')
    .primaryKey()
    .references(() => home.homeId),
  revision: integer('revision').notNull(),
  state: jsonb('state').$type<unknown>().notNull(),
  finished: boolean('finished').notNull().default(false),
  savedAt: timestamp('saved_at', { withTimezone: true, precision: 3 }).notNull(),
});
