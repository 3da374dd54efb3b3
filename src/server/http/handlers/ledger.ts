import { civilDateIn } from '../../../core/calendar/zone.ts';
import { appendEntries, dutyEntries, ledgerPage } from '../../services/ledger.ts';
import { scheduleOn } from '../../services/schedule.ts';
import type { Handlers } from '../context.ts';

type Names = 'today' | 'ledger' | 'append' | 'dutyHistory';

export const ledgerHandlers: Pick<Handlers, Names> = {
  today: ({ services: { clock }, tx, home }) => scheduleOn(tx, home, civilDateIn(home.zone, clock())),
  ledger: ({ tx, home, query }) => ledgerPage(tx, home, query),
  append: ({ services: { clock }, tx, home, personId, body }) =>
    appendEntries(tx, home, body.entries, { by: personId, now: clock() }),
  dutyHistory: async ({ services: { clock }, tx, home, params }) => ({
    on: civilDateIn(home.zone, clock()),
    entries: await dutyEntries(tx, home, params.dutyId),
  }),
};
