import { boolean, integer, jsonb, pgTable, primaryKey, text, uuid } from 'drizzle-orm/pg-core';
import { home } from './home.ts';

/** Changes of a home to the catalogue: practices of its own (`practice`), and ones it hides. */
export const homePractice = pgTable(
  'home_practice',
  {
    homeId: uuid('home_id')
      .notNull()
      .references(() => home.homeId),
    code: text('code').notNull(),
    version: integer('version').notNull().default(1),
    practice: jsonb('practice').$type<unknown>(),
    hidden: boolean('hidden').notNull(),
  },
  (table) => [primaryKey({ columns: [table.homeId, table.code] })],
);
