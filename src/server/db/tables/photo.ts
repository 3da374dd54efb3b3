import {
  customType,
  foreignKey,
  index,
  integer,
  pgTable,
  primaryKey,
  text,
  timestamp,
  uuid,
} from 'drizzle-orm/pg-core';
import { asset } from './asset.ts';
import { home } from './home.ts';

const bytea = customType<{ data: Buffer }>({ dataType: () => 'bytea' });

/** A photo of a label or a place, sized down and without its location; of one thing, or of a stop of the walk. */
export const photo = pgTable(
  'photo',
  {
    homeId: uuid('home_id')
      .notNull()
      .references(() => home.homeId),
    id: uuid('id').notNull(),
    assetId: uuid('asset_id'),
    caption: text('caption').notNull(),
    width: integer('width').notNull(),
    height: integer('height').notNull(),
    /** Of what was sent, by which sending it again is known. */
    sentSha256: text('sent_sha256').notNull(),
    jpeg: bytea('jpeg').notNull(),
    /** Of what is kept, as it was when it was written. */
    sha256: text('sha256').notNull(),
    byPerson: uuid('by_person').notNull(),
    addedAt: timestamp('added_at', { withTimezone: true, precision: 3 }).notNull(),
  },
  (table) => [
    primaryKey({ columns: [table.homeId, table.id] }),
    foreignKey({ columns: [table.homeId, table.assetId], foreignColumns: [asset.homeId, asset.id] }),
    index('photo_asset').on(table.homeId, table.assetId),
  ],
);
