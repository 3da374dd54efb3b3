import { integer, jsonb, pgTable, timestamp, uuid } from 'drizzle-orm/pg-core';
import { home } from './home.ts';

/** The plan a home goes by: one for each home, the same on every device. `revision` counts its savings. */
export const acceptedPlan = pgTable('accepted_plan', {
  homeId: uuid('home_id')
    .primaryKey()
    .references(() => home.homeId),
  revision: integer('revision').notNull(),
  seed: integer('seed').notNull(),
  moves: integer('moves').notNull(),
  /** The number of the last entry it rests on. */
  seq: integer('seq').notNull(),
  /** By key of a task's time, the Monday of its week. */
  weeks: jsonb('weeks').$type<unknown>().notNull(),
  savedBy: uuid('saved_by').notNull(),
  savedAt: timestamp('saved_at', { withTimezone: true, precision: 3 }).notNull(),
});
