import { foreignKey, pgTable, primaryKey, text, timestamp, unique, uuid } from 'drizzle-orm/pg-core';
import type { Role } from '../../../contract/access.ts';
import { home } from './home.ts';

/** A way into a home that waits to be taken. The link holds a secret of which only the hash is kept. */
export const invitation = pgTable(
  'invitation',
  {
    homeId: uuid('home_id').notNull(),
    id: uuid('id').notNull(),
    /** Whom it is for, in lower case: no other account may take it. */
    email: text('email').notNull(),
    role: text('role').$type<Role>().notNull(),
    /** SHA-256, in hex. */
    tokenHash: text('token_hash').notNull().unique(),
    byPerson: uuid('by_person').notNull(),
    madeAt: timestamp('made_at', { withTimezone: true, precision: 3 }).notNull(),
    expiresAt: timestamp('expires_at', { withTimezone: true, precision: 3 }).notNull(),
  },
  (table) => [
    primaryKey({ columns: [table.homeId, table.id] }),
    unique('invitation_email').on(table.homeId, table.email),
    foreignKey({ columns: [table.homeId], foreignColumns: [home.homeId] }),
  ],
);
