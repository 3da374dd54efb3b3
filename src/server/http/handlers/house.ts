import { civilDateIn } from '../../../core/calendar/zone.ts';
import {
  addPhoto,
  dropPhoto,
  imageOf,
  photosOf,
  placePhoto,
  readPhoto,
  type ReadyPhoto,
} from '../../services/photos.ts';
import { keepSpace, putThing } from '../../services/things.ts';
import { betterTermsOn, knownOf, schoolsFor, trialOn, upkeepOn } from '../../services/upkeep.ts';
import { saveWalk, walkOf } from '../../services/walk.ts';
import { ImageAnswer, prepared, type Handlers } from '../context.ts';

type Names =
  | 'known'
  | 'saveSpace'
  | 'placeAsset'
  | 'walk'
  | 'saveWalk'
  | 'photos'
  | 'addPhoto'
  | 'photoImage'
  | 'placePhoto'
  | 'dropPhoto'
  | 'upkeep'
  | 'betterTerms'
  | 'schools'
  | 'trial';

export const houseHandlers: Pick<Handlers, Names> = {
  known: ({ services: { clock }, tx, home }) => knownOf(tx, home, civilDateIn(home.zone, clock())),
  saveSpace: async ({ tx, home, params, body }) => {
    await keepSpace(tx, home, params.spaceId, body.space);
    return {};
  },
  placeAsset: async ({ services: { clock }, tx, home, personId, params, body }) => {
    await putThing(tx, home, params.assetId, body, { by: personId, now: clock() });
    return {};
  },
  walk: ({ tx, home }) => walkOf(tx, home),
  saveWalk: ({ services: { clock }, tx, home, body }) => saveWalk(tx, home, body.saw, body.state, clock()),
  photos: ({ tx, home }) => photosOf(tx, home),
  addPhoto: prepared<'addPhoto', ReadyPhoto>(
    ({ body }) => readPhoto(body),
    ({ services: { clock }, tx, home, personId, params, body, prepared: ready }) =>
      addPhoto(tx, home, params.photoId, { ...body, ready }, { by: personId, now: clock() }),
  ),
  photoImage: async ({ tx, home, params }) => new ImageAnswer(await imageOf(tx, home, params.photoId)),
  placePhoto: async ({ tx, home, params, body }) => {
    await placePhoto(tx, home, params.photoId, body.asset);
    return {};
  },
  dropPhoto: async ({ services: { clock }, tx, home, personId, params }) => {
    await dropPhoto(tx, home, params.photoId, { by: personId, now: clock() });
    return {};
  },
  upkeep: ({ services: { clock }, tx, home }) => upkeepOn(tx, home, civilDateIn(home.zone, clock())),
  betterTerms: ({ services: { clock }, tx, home }) =>
    betterTermsOn(tx, home, civilDateIn(home.zone, clock())),
  schools: ({ services: { clock }, tx, home, params }) =>
    schoolsFor(tx, home, params.dutyId, civilDateIn(home.zone, clock())),
  trial: ({ services: { clock }, tx, home, body }) =>
    trialOn(tx, home, body.entries, civilDateIn(home.zone, clock())),
};
