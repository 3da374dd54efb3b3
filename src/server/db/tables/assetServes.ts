import { foreignKey, pgTable, primaryKey, uuid } from 'drizzle-orm/pg-core';
import { asset } from './asset.ts';

/** Which assets an asset serves: a softener the taps, a damper two zones. */
export const assetServes = pgTable(
  'asset_serves',
  {
    homeId: uuid('home_id').notNull(),
    assetId: uuid('asset_id').notNull(),
    servesId: uuid('serves_id').notNull(),
  },
  (table) => [
    primaryKey({ columns: [table.homeId, table.assetId, table.servesId] }),
    foreignKey({
      name: 'serves_from',
      columns: [table.homeId, table.assetId],
      foreignColumns: [asset.homeId, asset.id],
    }),
    foreignKey({
      name: 'serves_to',
      columns: [table.homeId, table.servesId],
      foreignColumns: [asset.homeId, asset.id],
    }),
  ],
);
