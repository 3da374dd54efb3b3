import { boolean, index, integer, jsonb, pgTable, primaryKey, timestamp, uuid } from 'drizzle-orm/pg-core';
import { home } from './home.ts';

/** Runs as far as they have come, taken up from any device. `revision` counts the savings; a finished one is history. */
export const run = pgTable(
  'run',
  {
    homeId: uuid('home_id')
      .notNull()
      .references(() => home.homeId),
    id: uuid('id').notNull(),
    revision: integer('revision').notNull(),
    state: jsonb('state').$type<unknown>().notNull(),
    finished: boolean('finished').notNull().default(false),
    begunAt: timestamp('begun_at', { withTimezone: true, precision: 3 }).notNull(),
    savedAt: timestamp('saved_at', { withTimezone: true, precision: 3 }).notNull(),
  },
  (table) => [
    primaryKey({ columns: [table.homeId, table.id] }),
    index('run_saved').on(table.homeId, table.finished, table.savedAt),
  ],
);
