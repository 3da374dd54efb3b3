import { sql } from 'drizzle-orm';
import { index, json, pgTable, text, timestamp } from 'drizzle-orm/pg-core';

/** Signed-in browsers, in the shape connect-pg-simple reads. */
export const session = pgTable(
  'session',
  {
    sid: text('sid').primaryKey(),
    sess: json('sess').notNull(),
    expire: timestamp('expire', { precision: 6 }).notNull(),
  },
  (table) => [
    index('session_expire').on(table.expire),
    index('session_person').on(sql`(${table.sess} ->> 'personId')`),
  ],
);
