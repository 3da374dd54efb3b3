import { placesOf, roomIn } from './cells.ts';
import { groupsOf, type Group } from './groups.ts';
import { EAVES, roofOver } from './roofOver.ts';
import {
  CELL,
  NAME_HEIGHT,
  type Box,
  type HouseSection,
  type PlacedRoom,
  type SectionInput,
} from './section.ts';
import { heightOf, linesOf, placeLine, widthOf, type Line } from './storeys.ts';

/** The space around the drawing, and between the parts outdoors. */
const AROUND = 12;
const BETWEEN = 8;
/** The space under the floor of a home that stands on posts. */
const POSTS = 36;
/** A house is at least as wide as so many things. */
const LEAST_ACROSS = 5;

interface Storey {
  readonly storey: number;
  readonly lines: readonly Line[];
}

const isIn = (zone: Group['zone']) => (group: Group) => group.zone === zone;
const nobody: Group = { zone: 'room', storey: 0, side: 'right', spaces: [], things: [] };

/** The storeys there are rooms on, the highest first; a house nobody knows the rooms of has one. */
function storeysOf(groups: readonly Group[], across: number): Storey[] {
  const rooms = groups.filter(isIn('room'));
  const known = rooms.length > 0 ? rooms : [nobody];
  return [...new Set(known.map(({ storey }) => storey ?? 0))]
    .sort((one, other) => other - one)
    .map((storey) => ({
      storey,
      lines: linesOf(
        known.filter((one) => (one.storey ?? 0) === storey),
        across,
      ),
    }));
}

/** Groups outdoors side by side, each as high as the house leaves room for. */
function beside(groups: readonly Group[], above: number): { group: Group; columns: number; rows: number }[] {
  const most = Math.max(1, Math.floor((above - NAME_HEIGHT) / CELL.height));
  return groups.map((group) => {
    const places = Math.max(1, placesOf(group));
    const columns = Math.ceil(places / most);
    return { group, columns, rows: Math.ceil(places / columns) };
  });
}
const across = (parts: readonly { columns: number }[]): number =>
  parts.reduce((sum, { columns }) => sum + columns * CELL.width + BETWEEN, 0);

/** One group under the ground beside the house, and one of what nobody has said the place of, under everything. */
const wide = (group: Group | undefined, most: number): { columns: number; height: number } => {
  const places = group ? placesOf(group) : 0;
  const columns = Math.max(1, Math.min(most, places));
  return { columns, height: places === 0 ? 0 : NAME_HEIGHT + Math.ceil(places / columns) * CELL.height };
};

/** The storeys on top of each other from the eaves down, with the space under the floor where there is one; and where the ground is. */
function stackFloors(
  storeys: readonly Storey[],
  crawl: readonly Line[],
  onPosts: boolean,
  { x, y: eaves, width }: Pick<Box, 'x' | 'y' | 'width'>,
) {
  const rooms: PlacedRoom[] = [];
  const floors: HouseSection['storeys'][number][] = [];
  let y = eaves;
  const lay = (lines: readonly Line[]): void => {
    for (const line of lines) {
      rooms.push(...placeLine(line, x, y, width));
      y += heightOf(line);
    }
  };
  const stack = ({ storey, lines }: Storey): void => {
    const from = y;
    lay(lines);
    floors.push({ storey, box: { x, y: from, width, height: y - from } });
  };
  storeys.filter(({ storey }) => storey >= 0).forEach(stack);
  const floor = y;
  lay(crawl);
  // A home on posts has the space under its floor above the ground.
  if (onPosts && crawl.length === 0) y += POSTS;
  const ground = onPosts ? y : floor;
  storeys.filter(({ storey }) => storey < 0).forEach(stack);
  return { rooms, floors, ground, foot: y };
}

/** Groups outdoors on the ground, the first next to the house; `to`: away from it, to the left or the right. */
function placeOutdoors(
  parts: ReturnType<typeof beside>,
  ground: number,
  edge: number,
  to: 'left' | 'right',
): PlacedRoom[] {
  let at = edge;
  return parts.map(({ group, columns, rows }) => {
    const width = columns * CELL.width;
    const height = NAME_HEIGHT + rows * CELL.height;
    const x = to === 'left' ? at - BETWEEN - width : at + BETWEEN;
    at = to === 'left' ? x : x + width;
    return roomIn(group, { x, y: ground - height, width, height });
  });
}

/** The things outdoors at one side, how wide it is and how high. */
function outdoorsOn(groups: readonly Group[], side: Group['side'], above: number) {
  const parts = beside(
    groups.filter((one) => one.zone === 'outdoors' && one.side === side),
    above,
  );
  const heights = parts.map(({ rows }) => NAME_HEIGHT + rows * CELL.height);
  return { parts, width: Math.max(across(parts), 2 * EAVES), height: Math.max(0, ...heights) };
}

/** Things without a known place: under everything, from side to side. */
function placeLoose(loose: Group | undefined, total: number, y: number): PlacedRoom[] {
  if (!loose) return [];
  const width = total - 2 * AROUND;
  const { height } = wide(loose, Math.floor(width / CELL.width));
  return [roomIn(loose, { x: AROUND, y, width, height })];
}

/**
 * A section through a house, worked out from its rooms, their storeys and sides, and how it is built: rooms side by side on their storeys,
 * what is under the roof, in the crawl space, outdoors and in the ground. Nothing overlaps; every thing has its place, alone or folded with
 * others of its room. The same house gives the same drawing, in whatever order its rooms and things are given.
 */
export function houseSection(input: SectionInput): HouseSection {
  const { form } = input;
  const groups = groupsOf(input);
  const storeys = storeysOf(groups, input.across);
  const crawls = groups.filter(isIn('crawl'));
  const crawl = crawls.length > 0 ? linesOf(crawls, input.across) : [];
  const lines = [...storeys.flatMap((storey) => storey.lines), ...crawl];
  const width = Math.max(Math.min(LEAST_ACROSS, input.across), ...lines.map(widthOf)) * CELL.width;
  const roof = roofOver(
    form.roof,
    groups.filter(({ zone }) => zone === 'attic' || zone === 'roof'),
    width,
  );
  const overGround = storeys
    .filter(({ storey }) => storey >= 0)
    .flatMap((one) => one.lines)
    .reduce((sum, line) => sum + heightOf(line), 0);
  const [left, right] = (['left', 'right'] as const).map((side) =>
    outdoorsOn(groups, side, overGround + roof.height * 0.6),
  ) as [ReturnType<typeof outdoorsOn>, ReturnType<typeof outdoorsOn>];
  const soil = groups.find(isIn('soil'));
  const buried = wide(soil, 2);
  const x = AROUND + left.width + EAVES;
  const edge = x + width + EAVES;
  const total = edge + Math.max(right.width, soil ? buried.columns * CELL.width + BETWEEN : 0) + AROUND;
  const eaves = AROUND + Math.max(roof.height, Math.max(left.height, right.height) - overGround);
  const { rooms, floors, ground, foot } = stackFloors(storeys, crawl, form.below === 'skirting', {
    x,
    y: eaves,
    width,
  });

  const inSoil = soil && {
    x: edge + BETWEEN,
    y: ground + BETWEEN,
    width: buried.columns * CELL.width,
    height: buried.height,
  };
  const bottom = Math.max(foot, ground + 24, inSoil ? inSoil.y + inSoil.height : 0) + AROUND;
  const loose = placeLoose(groups.find(isIn('loose')), total, bottom + BETWEEN);
  return {
    width: total,
    height: loose.reduce((lowest, { box }) => Math.max(lowest, box.y + box.height + AROUND), bottom),
    ground,
    bottom,
    form,
    walls: { x, y: eaves, width, height: foot - eaves },
    roof: roof.corners(x, eaves),
    storeys: floors,
    rooms: [
      ...roof.rooms(x, eaves),
      ...rooms,
      ...placeOutdoors(left.parts, ground, x - EAVES, 'left'),
      ...placeOutdoors(right.parts, ground, edge, 'right'),
      ...(soil && inSoil ? [roomIn(soil, inSoil)] : []),
      ...loose,
    ],
  };
}
