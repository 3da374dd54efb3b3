import { integer, pgTable, text, timestamp } from 'drizzle-orm/pg-core';

/** How often someone lately tried to sign in or up, by who they say they are and where they come from. */
export const attempt = pgTable('attempt', {
  key: text('key').primaryKey(),
  count: integer('count').notNull(),
  resetsAt: timestamp('resets_at', { withTimezone: true, precision: 3 }).notNull(),
});
