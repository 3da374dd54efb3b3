import { boolean, date, integer, jsonb, pgTable, primaryKey, text, uuid } from 'drizzle-orm/pg-core';

/** The schedule: a cache of what the core projects from the ledger. Rows past `changes_on` are projected again when read. */
export const dutyWindow = pgTable(
  'duty_window',
  {
    homeId: uuid('home_id').notNull(),
    dutyId: uuid('duty_id').notNull(),
    projectedOn: date('projected_on', { mode: 'string' }).notNull(),
    changesOn: date('changes_on', { mode: 'string' }),
    retired: boolean('retired').notNull(),
    occurrence: text('occurrence'),
    earliest: date('earliest', { mode: 'string' }),
    due: date('due', { mode: 'string' }),
    latest: date('latest', { mode: 'string' }),
    baseline: boolean('baseline').notNull(),
    asks: text('asks').$type<'work' | 'look'>(),
    bookBy: date('book_by', { mode: 'string' }),
    orderBy: date('order_by', { mode: 'string' }),
    sleep: jsonb('sleep').$type<unknown>(),
    version: integer('version').notNull().default(1),
    reasons: jsonb('reasons').$type<unknown>().notNull(),
    missed: jsonb('missed').$type<unknown>().notNull(),
    extras: jsonb('extras').$type<unknown>().notNull(),
  },
  // No foreign key: a line of a cache is only ever read beside its duty, and checking each took a quarter of the time to write it.
  (table) => [primaryKey({ columns: [table.homeId, table.dutyId] })],
);
