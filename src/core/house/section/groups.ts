import type { AssetKind } from '../../basics/assetKind.ts';
import type { SpaceUse } from '../house.ts';
import type { SectionInput, SectionSpace, SectionThing, Zone } from './section.ts';

/** Things that go into one place of the drawing together. */
export interface Group {
  readonly zone: Zone;
  readonly storey: number | null;
  readonly side: 'left' | 'right';
  readonly spaces: readonly SectionSpace[];
  readonly things: readonly SectionThing[];
}

const ON_ROOF: readonly AssetKind[] = ['roof', 'vent-pipe', 'chimney'];
const IN_SOIL: readonly AssetKind[] = ['treatment-plant', 'septic-tank'];
const UNDER_FLOOR: readonly AssetKind[] = ['underbelly', 'skirting'];
const OUTDOORS: readonly AssetKind[] = [
  'gutter-run',
  'outside-tap',
  'irrigation',
  'yard-outlet',
  'stairwell-drain',
  'gully',
  'lawn',
  'garden',
  'deck',
  'pool',
  'generator',
  'grill',
  'concrete',
  'foundation',
  'walls',
  'masonry',
  'air-bricks',
  'cooling',
  'evaporative-cooler',
];
/** Rooms of one storey stand in this order, then by name. */
const ORDER: readonly (SpaceUse | undefined)[] = [
  'living',
  'kitchen',
  'hall',
  'bedroom',
  'bathroom',
  'other',
  undefined,
  'utility',
  'plant',
  'garage',
];

const compare = (one: string, other: string): number => (one < other ? -1 : one > other ? 1 : 0);
const byName = (one: { name: string; id: string }, other: { name: string; id: string }): number =>
  compare(one.name, other.name) || compare(one.id, other.id);

/** The zone of a room: what it is used for says it, and under the eaves or the floor it is no storey. */
function zoneOf({ use }: SectionSpace, isFlat: boolean): Zone {
  if (use === 'outdoors') return 'outdoors';
  if (use === 'crawl-space') return 'crawl';
  return use === 'attic' && !isFlat ? 'attic' : 'room';
}

/** The zone of a thing: some are on the roof or in the ground wherever their room is; of no room, its kind says where it is likely to be. */
function zoneOfThing({ kind }: SectionThing, room: SectionSpace | undefined): Zone | null {
  const isOut = room === undefined || room.use === 'outdoors' || room.use === 'attic';
  if (isOut && ON_ROOF.includes(kind)) return 'roof';
  if (isOut && IN_SOIL.includes(kind)) return 'soil';
  if (room !== undefined) return null;
  if (UNDER_FLOOR.includes(kind)) return 'crawl';
  return OUTDOORS.includes(kind) ? 'outdoors' : 'loose';
}

/** Every room with its things, and the things of no room by where they are likely to be; the same for the same house in any order. */
export function groupsOf({ spaces, things, form }: SectionInput): Group[] {
  const rooms = [...spaces].sort(
    (one, other) => ORDER.indexOf(one.use) - ORDER.indexOf(other.use) || byName(one, other),
  );
  const isFlat = form.roof === 'flat';
  const top = Math.max(0, ...rooms.flatMap(({ use, storey }) => (use === 'attic' ? [] : (storey ?? 0)))) + 1;
  const byId = new Map(rooms.map((room) => [room.id, room]));
  const sorted = [...things].sort(byName);
  const zoned = sorted.map((thing) => {
    const room = thing.space === undefined ? undefined : byId.get(thing.space);
    return { thing, room, zone: zoneOfThing(thing, room) };
  });
  const ofRooms = rooms.map((room): Group => {
    const zone = zoneOf(room, isFlat);
    const storey = room.use === 'attic' ? top : (room.storey ?? 0);
    return {
      zone,
      storey: zone === 'room' ? storey : null,
      side: room.side === 'north' || room.side === 'west' ? 'left' : 'right',
      spaces: [room],
      things: zoned.flatMap(({ thing, room: of, zone: other }) =>
        of === room && other === null ? [thing] : [],
      ),
    };
  });
  const rest = (['roof', 'crawl', 'outdoors', 'soil', 'loose'] as const).flatMap((zone): Group[] => {
    const here = zoned.flatMap(({ thing, zone: of }) => (of === zone ? [thing] : []));
    const side = zone === 'outdoors' ? 'left' : 'right';
    return here.length > 0 ? [{ zone, storey: null, side, spaces: [], things: here }] : [];
  });
  return [...ofRooms, ...rest];
}
