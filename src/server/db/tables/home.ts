import { jsonb, pgTable, text, timestamp, uuid } from 'drizzle-orm/pg-core';
import type { Home } from '../../../core/house/house.ts';

/** A home: what decides how its dates, units and words are meant. */
export const home = pgTable('home', {
  homeId: uuid('home_id').primaryKey(),
  name: text('name').notNull(),
  zone: text('zone').notNull(),
  hemisphere: text('hemisphere').$type<Home['hemisphere']>().notNull(),
  units: text('units').$type<Home['units']>().notNull(),
  vocabulary: text('vocabulary').$type<Home['vocabulary']>().notNull(),
  currency: text('currency').notNull(),
  climate: jsonb('climate').$type<unknown>(),
  /** Where a home that came from a file was before, where it could not keep its id. */
  origin: jsonb('origin').$type<unknown>(),
  createdAt: timestamp('created_at', { withTimezone: true, precision: 3 }).notNull().defaultNow(),
});
