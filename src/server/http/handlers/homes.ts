import { civilDateIn } from '../../../core/calendar/zone.ts';
import { climateOn, setClimate } from '../../services/climate.ts';
import { hidePractice, savePractice } from '../../services/practices.ts';
import { addToHouse } from '../../services/additions.ts';
import {
  addPerson,
  createHome,
  eraseHome,
  homesOf,
  houseOf,
  membersOf,
  setMember,
} from '../../services/homes.ts';
import { exportHouse } from '../../services/houseFile.ts';
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
  | 'members'
  | 'setMember'
  | 'houseFile'
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
  members: ({ tx, home }) => membersOf(tx, home),
  setMember: async ({ tx, home, body }) => {
    await setMember(tx, home, body.email, body.role);
    return {};
  },
  houseFile: ({ tx, home }) => exportHouse(tx, home),
  eraseHome: async ({ tx, home, body }) => {
    await eraseHome(tx, home, body.name);
    return {};
  },
};
