import { foreignKey, integer, pgTable, primaryKey, text, uuid } from 'drizzle-orm/pg-core';
import type { Space } from '../../../core/house/house.ts';
import { home } from './home.ts';

/** A room or an outdoor side of a home. */
export const space = pgTable(
  'space',
  {
    homeId: uuid('home_id').notNull(),
    id: uuid('id').notNull(),
    name: text('name').notNull(),
    use: text('use').$type<NonNullable<Space['use']>>(),
    storey: integer('storey'),
    side: text('side').$type<NonNullable<Space['side']>>(),
  },
  (table) => [
    primaryKey({ columns: [table.homeId, table.id] }),
    foreignKey({ columns: [table.homeId], foreignColumns: [home.homeId] }),
  ],
);
