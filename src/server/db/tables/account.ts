import { boolean, pgTable, text, timestamp, uuid } from 'drizzle-orm/pg-core';

/** Someone who can sign in. Erasing the row keeps every home's record whole: entries know only the person's id. */
export const account = pgTable('account', {
  personId: uuid('person_id').primaryKey(),
  name: text('name').notNull(),
  /** Lower case. */
  email: text('email').notNull().unique(),
  /** Argon2id, with its parameters. */
  passwordHash: text('password_hash').notNull(),
  /** The account a demo installation offers; refused off loopback. */
  demo: boolean('demo').notNull().default(false),
  createdAt: timestamp('created_at', { withTimezone: true, precision: 3 }).notNull().defaultNow(),
});
