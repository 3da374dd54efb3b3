import type { AssetKind } from '../basics/assetKind.ts';
import type { FactValue } from '../basics/factValue.ts';
import type { Asset, Space } from '../house/house.ts';
import { climateThings } from './things/climateThings.ts';
import { indoorThings } from './things/indoorThings.ts';
import { outdoorThings } from './things/outdoorThings.ts';
import { safetyThings } from './things/safetyThings.ts';
import { Given } from './given.ts';
import type { Thing } from './thing.ts';
import { roomsOf, toSpace, type Room } from './rooms.ts';
import { traitsOf } from './traitsOf.ts';

/** Names what the walk finds, in the home's words. `number` tells like things apart; null where there is just one. */
export interface Naming {
  readonly room: (room: Room) => string;
  readonly thing: (kind: AssetKind, number: number | null) => string;
}

/** The house as walked: spaces and things under ids of the walk's own, and what it and its people are like. */
export interface WalkedHouse {
  readonly spaces: readonly Space[];
  readonly assets: readonly Asset[];
  readonly traits: ReadonlyMap<string, FactValue>;
}

/** The house that some answers tell of. */
export function walkedHouse(answers: Readonly<Record<string, unknown>>, naming: Naming): WalkedHouse {
  const given = new Given(answers);
  const rooms = roomsOf(given);
  const things = [
    { id: 'house', kind: 'house' as const },
    ...safetyThings(given, rooms),
    ...climateThings(given),
    ...indoorThings(given),
    ...outdoorThings(given),
  ];
  const assets = things.map((thing) => toAsset(thing, things, rooms, naming));
  const used = new Set(assets.map(({ space }) => space));
  const spaces = rooms
    .filter(({ use, code }) => use !== 'outdoors' || used.has(code))
    .map((room) => toSpace(room, naming.room(room)));
  return { spaces, assets, traits: traitsOf(given) };
}

function toAsset(thing: Thing, all: readonly Thing[], rooms: readonly Room[], naming: Naming): Asset {
  const { id, kind, facts, partOf } = thing;
  const like = all.filter((other) => other.kind === kind);
  const room = rooms.find(({ code }) => code === thing.room);
  const number = like.length > 1 ? like.indexOf(thing) + 1 : null;
  // Alarms are told apart by where they hang.
  const name = thing.calledByRoom && room ? naming.room(room) : naming.thing(kind, number);
  return {
    id,
    kind,
    name,
    ...(room && { space: room.code }),
    ...(partOf !== undefined && { partOf }),
    ...(facts && { facts }),
  };
}
