import { index, pgTable, text, timestamp, uuid } from 'drizzle-orm/pg-core';

/** Each time somebody signed in: for themselves, and for the owners of the homes they see. */
export const signIn = pgTable(
  'sign_in',
  {
    id: uuid('id').primaryKey(),
    personId: uuid('person_id').notNull(),
    at: timestamp('at', { withTimezone: true, precision: 3 }).notNull(),
    /** The user agent of the browser. */
    agent: text('agent').notNull(),
  },
  (table) => [index('sign_in_person').on(table.personId, table.at)],
);
