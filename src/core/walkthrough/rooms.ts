import type { Space, SpaceUse } from '../house/house.ts';
import type { Given } from './given.ts';

/** A room the walk lays out: its own code, what it is for and where; `number` counts like ones. */
export interface Room {
  readonly code: string;
  readonly use: SpaceUse;
  /** The name's code in the locales. */
  readonly called: string;
  readonly number: number | null;
  readonly storey: number | null;
}

const room = (code: string, use: SpaceUse, storey: number | null, more: Partial<Room> = {}): Room => ({
  code,
  use,
  storey,
  called: code,
  number: null,
  ...more,
});

/** The rooms of a house of so many storeys and bedrooms: sleeping is upstairs where there is one. */
export function roomsOf(given: Given): Room[] {
  const storeys = Math.max(1, given.count('storeys'));
  const bedrooms = given.count('bedrooms');
  const landings = Array.from({ length: storeys - 1 }, (_, index) =>
    room(`landing-${index + 1}`, 'hall', index + 1, {
      called: 'landing',
      number: storeys > 2 ? index + 1 : null,
    }),
  );
  const sleeping = storeys > 1 ? storeys - 1 : 0;
  return [
    room('hall', 'hall', 0),
    room('living', 'living', 0),
    room('kitchen', 'kitchen', 0),
    ...landings,
    ...Array.from({ length: bedrooms }, (_, index) =>
      room(`bedroom-${index + 1}`, 'bedroom', sleepingStorey(index, bedrooms, sleeping), {
        called: 'bedroom',
        number: bedrooms > 1 ? index + 1 : null,
      }),
    ),
    ...bathroomsOf(given, sleeping > 0 ? 1 : 0),
    room('utility', 'utility', 0),
    ...(given.choice('below') === 'basement' ? [room('basement', 'plant', -1)] : []),
    ...(given.has('parts', 'attic') ? [room('attic', 'attic', storeys)] : []),
    ...(given.has('parts', 'garage') ? [room('garage', 'garage', 0)] : []),
    ...(given.choice('below') === 'crawl-space' ? [room('crawl-space', 'crawl-space', -1)] : []),
    room('outside', 'outdoors', null),
  ];
}

/** The first bathroom keeps the plain code, so that walks begun before more were asked for still fit. */
const bathroomsOf = (given: Given, storey: number): Room[] => {
  const count = Math.max(1, given.count('bathrooms'));
  return Array.from({ length: count }, (_, index) =>
    room(index === 0 ? 'bathroom' : `bathroom-${index + 1}`, 'bathroom', index % 2 === 0 ? storey : 0, {
      called: 'bathroom',
      number: count > 1 ? index + 1 : null,
    }),
  );
};

/** The code of the nth bathroom, from 1. */
export const bathroom = (number: number): string => (number === 1 ? 'bathroom' : `bathroom-${number}`);

/** Over three storeys and more the bedrooms are spread from the first floor up. */
const sleepingStorey = (index: number, bedrooms: number, upstairs: number): number =>
  upstairs === 0 ? 0 : 1 + Math.floor((index * upstairs) / Math.max(1, bedrooms));

/** Where an alarm may hang: what people live in. */
export const alarmRooms = (given: Given): Room[] =>
  roomsOf(given).filter(({ use }) => ['hall', 'living', 'bedroom', 'kitchen', 'plant'].includes(use));

/** A room as a space of the house. */
export const toSpace = ({ code, use, storey }: Room, name: string): Space => ({
  id: code,
  name,
  use,
  ...(storey !== null && { storey }),
});
