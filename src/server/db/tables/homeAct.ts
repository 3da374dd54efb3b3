import { foreignKey, index, jsonb, pgTable, primaryKey, text, timestamp, uuid } from 'drizzle-orm/pg-core';
import { home } from './home.ts';

/** Acts on a home that are not part of its record: people added, photos removed, files downloaded. Only owners read them. */
export const homeAct = pgTable(
  'home_act',
  {
    homeId: uuid('home_id').notNull(),
    id: uuid('id').notNull(),
    at: timestamp('at', { withTimezone: true, precision: 3 }).notNull(),
    byPerson: uuid('by_person').notNull(),
    act: text('act').notNull(),
    about: jsonb('about').$type<unknown>().notNull(),
  },
  (table) => [
    primaryKey({ columns: [table.homeId, table.id] }),
    foreignKey({ columns: [table.homeId], foreignColumns: [home.homeId] }),
    index('home_act_at').on(table.homeId, table.at),
  ],
);
