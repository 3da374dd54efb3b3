import { foreignKey, pgTable, primaryKey, text, uuid } from 'drizzle-orm/pg-core';
import { home } from './home.ts';

/** Everyone a home's entries speak of, with the name the home knows them by. Not all have an account. */
export const homePerson = pgTable(
  'home_person',
  {
    homeId: uuid('home_id').notNull(),
    personId: uuid('person_id').notNull(),
    name: text('name').notNull(),
  },
  (table) => [
    primaryKey({ columns: [table.homeId, table.personId] }),
    foreignKey({ columns: [table.homeId], foreignColumns: [home.homeId] }),
  ],
);
