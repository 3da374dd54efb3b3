import { civilDateIn } from '../../../core/calendar/zone.ts';
import { addPerson } from '../../services/homes.ts';
import { appendEntries } from '../../services/ledger.ts';
import { recordPage } from '../../services/recordPage.ts';
import { scheduleOn, seriesOn, standingOn } from '../../services/schedule.ts';
import type { Handlers } from '../context.ts';

type Names = 'today' | 'ledger' | 'append' | 'standing' | 'series';

export const ledgerHandlers: Pick<Handlers, Names> = {
  today: ({ services: { clock }, tx, home }) => scheduleOn(tx, home, civilDateIn(home.zone, clock())),
  ledger: ({ tx, home, query }) => recordPage(tx, home, query),
  append: async ({ services: { clock }, tx, home, personId, body: { entries, people = [] } }) => {
    for (const [index, person] of people.entries()) await addPerson(tx, home, person, `people[${index}].`);
    return appendEntries(tx, home, entries, { by: personId, now: clock() });
  },
  series: ({ services: { clock }, tx, home }) => seriesOn(tx, home, civilDateIn(home.zone, clock())),
  standing: ({ services: { clock }, tx, home }) => standingOn(tx, home, civilDateIn(home.zone, clock())),
};
