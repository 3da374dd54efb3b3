import {
  date,
  foreignKey,
  integer,
  jsonb,
  pgTable,
  primaryKey,
  text,
  unique,
  uuid,
} from 'drizzle-orm/pg-core';
import type { Asset } from '../../../core/house/house.ts';
import { home } from './home.ts';
import { space } from './space.ts';

/** A thing that is kept. Part of at most one other; the successor of at most one that it replaced. */
export const asset = pgTable(
  'asset',
  {
    homeId: uuid('home_id').notNull(),
    id: uuid('id').notNull(),
    kind: text('kind').$type<Asset['kind']>().notNull(),
    name: text('name').notNull(),
    spaceId: uuid('space_id'),
    partOf: uuid('part_of'),
    succeeds: uuid('succeeds'),
    installed: date('installed', { mode: 'string' }),
    factsVersion: integer('facts_version').notNull().default(1),
    facts: jsonb('facts').$type<unknown>().notNull(),
  },
  (table) => [
    primaryKey({ columns: [table.homeId, table.id] }),
    unique('asset_one_successor').on(table.homeId, table.succeeds),
    foreignKey({ columns: [table.homeId], foreignColumns: [home.homeId] }),
    foreignKey({ columns: [table.homeId, table.spaceId], foreignColumns: [space.homeId, space.id] }),
    foreignKey({
      name: 'asset_part_of',
      columns: [table.homeId, table.partOf],
      foreignColumns: [table.homeId, table.id],
    }),
    foreignKey({
      name: 'asset_succeeds',
      columns: [table.homeId, table.succeeds],
      foreignColumns: [table.homeId, table.id],
    }),
  ],
);
