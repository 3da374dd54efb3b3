import {
  check,
  date,
  foreignKey,
  index,
  integer,
  jsonb,
  pgTable,
  primaryKey,
  text,
  timestamp,
  unique,
  uuid,
} from 'drizzle-orm/pg-core';
import { sql } from 'drizzle-orm';
import type { EntryKind } from '../../../core/ledger/entry.ts';
import { duty } from './duty.ts';
import { homePerson } from './homePerson.ts';

/**
 * The ledger: append-only by the app role's rights and by trigger. `seq` counts from 1 in each home; each line carries
 * the hash of the line before it. `duty_id` and `target_id` repeat what the body says, for looking up.
 */
export const entry = pgTable(
  'entry',
  {
    homeId: uuid('home_id').notNull(),
    id: uuid('id').notNull(),
    seq: integer('seq').notNull(),
    /** The civil day it happened, in the home's zone. */
    date: date('date', { mode: 'string' }).notNull(),
    /** When it was written down. */
    stampedAt: timestamp('stamped_at', { withTimezone: true, precision: 3 }).notNull(),
    byPerson: uuid('by_person').notNull(),
    batch: uuid('batch'),
    kind: text('kind').$type<EntryKind>().notNull(),
    bodyVersion: integer('body_version').notNull().default(1),
    body: jsonb('body').$type<unknown>().notNull(),
    dutyId: uuid('duty_id'),
    targetId: uuid('target_id'),
    /** SHA-256, hex, of the canonical JSON of what the client sent: the same id must come with the same body. */
    sentHash: text('sent_hash').notNull(),
    /** The hash of the line before; 64 zeros for the first. */
    prevHash: text('prev_hash').notNull(),
    /** SHA-256, hex, of the canonical JSON (RFC 8785) of the line with `prev_hash`. */
    hash: text('hash').notNull(),
  },
  (table) => [
    primaryKey({ columns: [table.homeId, table.id] }),
    unique('entry_sequence').on(table.homeId, table.seq),
    foreignKey({
      columns: [table.homeId, table.byPerson],
      foreignColumns: [homePerson.homeId, homePerson.personId],
    }),
    foreignKey({ columns: [table.homeId, table.dutyId], foreignColumns: [duty.homeId, duty.id] }),
    foreignKey({
      name: 'entry_target',
      columns: [table.homeId, table.targetId],
      foreignColumns: [table.homeId, table.id],
    }),
    index('entry_duty').on(table.homeId, table.dutyId, table.seq),
    index('entry_date').on(table.homeId, table.date, table.seq),
    index('entry_amends')
      .on(table.homeId, table.targetId)
      .where(sql`${table.kind} = 'amends'`),
    index('entry_target').on(table.homeId, table.targetId),
    check('entry_seq_positive', sql`${table.seq} > 0`),
  ],
);
