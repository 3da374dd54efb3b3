import { foreignKey, integer, jsonb, pgTable, primaryKey, uuid } from 'drizzle-orm/pg-core';
import { asset } from './asset.ts';

/** A practice applied to an asset. When, and on what terms, stands in the ledger. */
export const duty = pgTable(
  'duty',
  {
    homeId: uuid('home_id').notNull(),
    id: uuid('id').notNull(),
    assetId: uuid('asset_id').notNull(),
    practiceVersion: integer('practice_version').notNull().default(1),
    practice: jsonb('practice').$type<unknown>().notNull(),
    companions: jsonb('companions').$type<unknown>(),
  },
  (table) => [
    primaryKey({ columns: [table.homeId, table.id] }),
    foreignKey({ columns: [table.homeId, table.assetId], foreignColumns: [asset.homeId, asset.id] }),
  ],
);
