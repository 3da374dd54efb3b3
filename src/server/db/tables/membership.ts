import { foreignKey, index, pgTable, primaryKey, text, uuid } from 'drizzle-orm/pg-core';
import type { Role } from '../../../contract/access.ts';
import { homePerson } from './homePerson.ts';

/** Who may see a home, and what they may do in it. */
export const membership = pgTable(
  'membership',
  {
    homeId: uuid('home_id').notNull(),
    personId: uuid('person_id').notNull(),
    role: text('role').$type<Role>().notNull(),
  },
  (table) => [
    primaryKey({ columns: [table.homeId, table.personId] }),
    foreignKey({
      columns: [table.homeId, table.personId],
      foreignColumns: [homePerson.homeId, homePerson.personId],
    }),
    index('membership_person').on(table.personId),
  ],
);
