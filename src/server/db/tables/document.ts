import {
  customType,
  date,
  foreignKey,
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

/** Papers of a thing, as they came: manuals, receipts, reports, warranties. `cover_ends`: until when it covers the thing. */
export const document = pgTable(
  'document',
  {
    homeId: uuid('home_id')
      .notNull()
      .references(() => home.homeId),
    id: uuid('id').notNull(),
    assetId: uuid('asset_id').notNull(),
    kind: text('kind').notNull(),
    title: text('title').notNull(),
    coverEnds: date('cover_ends', { mode: 'string' }),
    fileName: text('file_name').notNull(),
    type: text('type').notNull(),
    /** Of what was sent, by which sending it again is known. */
    sentSha256: text('sha256').notNull(),
    size: integer('size').notNull(),
    file: bytea('file').notNull(),
    /** Of what is kept, as it was when it was written. */
    fileSha256: text('file_sha256').notNull(),
    byPerson: uuid('by_person').notNull(),
    addedAt: timestamp('added_at', { withTimezone: true, precision: 3 }).notNull(),
  },
  (table) => [
    primaryKey({ columns: [table.homeId, table.id] }),
    foreignKey({ columns: [table.homeId, table.assetId], foreignColumns: [asset.homeId, asset.id] }),
  ],
);
