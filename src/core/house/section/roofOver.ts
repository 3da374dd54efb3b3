import { folded } from './cells.ts';
import type { Group } from './groups.ts';
import { CELL, NAME_HEIGHT, type PlacedRoom, type PlacedThing, type RoofShape } from './section.ts';

/** How far the roof reaches over the walls. */
export const EAVES = 16;
const LEAST: Readonly<Record<RoofShape, number>> = { gable: 84, steep: 150, low: 44, flat: 14 };
const STEP = 10;
/** A roof as steep as that holds what it must, or the rest is folded. */
const STEEPEST = 0.75;

/** The places of each row of things under a pitched roof, from the eaves up. */
function rowsUnder(height: number, width: number): number[] {
  const rows: number[] = [];
  for (let row = 1; ; row += 1) {
    const top = NAME_HEIGHT + row * CELL.height;
    const places = Math.floor((width * (1 - top / height)) / CELL.width);
    if (places < 1) return rows;
    rows.push(places);
  }
}

const sum = (numbers: readonly number[]): number => numbers.reduce((all, one) => all + one, 0);

/** The height of a pitched roof with so many things under it. */
function heightFor(shape: RoofShape, width: number, places: number): number {
  let height = LEAST[shape];
  const most = Math.max(height, width * STEEPEST);
  while (sum(rowsUnder(height, width)) < places && (height < most || rowsUnder(height, width).length === 0))
    height += STEP;
  return height;
}

export interface Roof {
  readonly height: number;
  readonly corners: (left: number, eaves: number, width: number) => (readonly [number, number])[];
  readonly room: (left: number, eaves: number, width: number) => PlacedRoom[];
}

/** The roof over walls of a width, with what is under it and on it. */
export function roofOver(shape: RoofShape, groups: readonly Group[], width: number): Roof {
  const things = groups.flatMap((group) => group.things);
  const spaces = groups.flatMap((group) => group.spaces);
  const base = width + 2 * EAVES;
  const isAttic = groups.some(({ zone }) => zone === 'attic');
  const named = { spaces: spaces.map(({ id }) => id), names: spaces.map(({ name }) => name) };
  const zone = isAttic ? ('attic' as const) : ('roof' as const);
  if (shape === 'flat') {
    const most = Math.max(1, Math.floor(width / CELL.width));
    const stacks = folded({ things }, most);
    const height = LEAST.flat + (stacks.length > 0 ? CELL.height : 0);
    return {
      height,
      corners: (left, eaves) => [
        [left - EAVES, eaves],
        [left - EAVES, eaves - LEAST.flat],
        [left + width + EAVES, eaves - LEAST.flat],
        [left + width + EAVES, eaves],
      ],
      room: (left, eaves) => {
        const box = { x: left, y: eaves - height, width, height: height - LEAST.flat };
        const from = left + (width - stacks.length * CELL.width) / 2;
        const placed = stacks.map((assets, at): PlacedThing => ({
          assets,
          folded: assets.length > 1,
          box: { ...CELL, x: from + at * CELL.width, y: box.y },
        }));
        return stacks.length > 0 ? [{ zone, ...named, box, things: placed }] : [];
      },
    };
  }
  const height = heightFor(shape, base, things.length);
  const rows = rowsUnder(height, base);
  const stacks = folded({ things }, Math.max(1, sum(rows)));
  return {
    height,
    corners: (left, eaves) => [
      [left - EAVES, eaves],
      [left + width / 2, eaves - height],
      [left + width + EAVES, eaves],
    ],
    room: (left, eaves) => {
      let next = 0;
      const placed = rows.flatMap((places, row): PlacedThing[] => {
        const here = stacks.slice(next, next + places);
        next += here.length;
        const from = left + (width - here.length * CELL.width) / 2;
        const y = eaves - NAME_HEIGHT - (row + 1) * CELL.height;
        return here.map((assets, at) => ({
          assets,
          folded: assets.length > 1,
          box: { ...CELL, x: from + at * CELL.width, y },
        }));
      });
      const box = { x: left - EAVES, y: eaves - height, width: base, height };
      return stacks.length > 0 || spaces.length > 0 ? [{ zone, ...named, box, things: placed }] : [];
    },
  };
}
