import { civilDateIn } from '../../../core/calendar/zone.ts';
import { climateOn, setClimate } from '../../services/climate.ts';
import { hidePractice, savePractice } from '../../services/practices.ts';
import { addToHouse } from '../../services/additions.ts';
import { addPerson, createHome, eraseHome, homesOf, houseOf, mustBeNamed } from '../../services/homes.ts';
import { mustBeConfirmed } from '../session.ts';
import type { Handlers } from '../context.ts';

type Names =
  | 'listHomes'
  | 'createHome'
  | 'house'
  | 'add'
  | 'climate'
  | 'setClimate'
  | 'savePractice'
  | 'hidePractice'
  | 'addPerson'
  | 'eraseHome';

export const homeHandlers: Pick<Handlers, Names> = {
  listHomes: ({ services: { db }, personId }) => homesOf(db, personId),
  createHome: ({ services: { db }, personId, body }) => createHome(db, personId, body),
  house: ({ tx, home }) => houseOf(tx, home),
  add: async ({ services: { clock }, tx, home, personId, body }) => {
    await addToHouse(tx, home, body, { by: personId, now: clock() });
    return {};
  },
  climate: ({ services: { clock }, home }) =>
    Promise.resolve(climateOn(home, civilDateIn(home.zone, clock()))),
  setClimate: async ({ services: { clock }, tx, home, body }) => {
    await setClimate(tx, home, body.climate, civilDateIn(home.zone, clock()));
    return {};
  },
  savePractice: async ({ services: { clock }, tx, home, params, body }) => {
    await savePractice(tx, home, params.code, body.practice, civilDateIn(home.zone, clock()));
    return {};
  },
  hidePractice: async ({ tx, home, params, body }) => {
    await hidePractice(tx, home, params.code, body.hidden);
    return {};
  },
  addPerson: async ({ tx, home, body }) => {
    await addPerson(tx, home, body);
    return {};
  },
  eraseHome: async ({ request, tx, home, body }) => {
    mustBeNamed(home, body.name);
    mustBeConfirmed(request);
    await eraseHome(tx, home);
    return {};
  },
};
