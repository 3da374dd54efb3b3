import { folded, inRow } from './cells.ts';
import type { Group } from './groups.ts';
import { CELL, NAME_HEIGHT, type PlacedRoom, type RoofShape } from './section.ts';

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

/** A roof over walls, given where their left upper corner is. */
export interface Roof {
  readonly height: number;
  readonly corners: (left: number, eaves: number) => (readonly [number, number])[];
  readonly rooms: (left: number, eaves: number) => PlacedRoom[];
}

/** The room under a roof and on it: one, whatever the attics are called. */
interface Roofed extends Pick<PlacedRoom, 'zone' | 'spaces' | 'names'> {
  readonly things: Group['things'];
}

/** The roof over walls of a width, with what is under it and on it. */
export function roofOver(shape: RoofShape, groups: readonly Group[], width: number): Roof {
  const spaces = groups.flatMap((group) => group.spaces);
  const roofed: Roofed = {
    zone: groups.some(({ zone }) => zone === 'attic') ? 'attic' : 'roof',
    spaces: spaces.map(({ id }) => id),
    names: spaces.map(({ name }) => name),
    things: groups.flatMap((group) => group.things),
  };
  return shape === 'flat' ? flatRoof(roofed, width) : pitchedRoof(shape, roofed, width);
}

/** Things stand on it, in one row. */
function flatRoof({ things, ...room }: Roofed, width: number): Roof {
  const stacks = folded({ things }, Math.max(1, Math.floor(width / CELL.width)));
  const height = LEAST.flat + (stacks.length > 0 ? CELL.height : 0);
  return {
    height,
    corners: (left, eaves) => [
      [left - EAVES, eaves],
      [left - EAVES, eaves - LEAST.flat],
      [left + width + EAVES, eaves - LEAST.flat],
      [left + width + EAVES, eaves],
    ],
    rooms: (left, eaves) => {
      const box = { x: left, y: eaves - height, width, height: height - LEAST.flat };
      return stacks.length > 0 ? [{ ...room, box, things: inRow(stacks, box) }] : [];
    },
  };
}

/** Things stand under its slopes, in rows from the eaves up. */
function pitchedRoof(shape: RoofShape, { things, ...room }: Roofed, width: number): Roof {
  const base = width + 2 * EAVES;
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
    rooms: (left, eaves) => {
      const placed = rows.flatMap((places, row) => {
        const before = sum(rows.slice(0, row));
        const y = eaves - NAME_HEIGHT - (row + 1) * CELL.height;
        return inRow(stacks.slice(before, before + places), { x: left, y, width });
      });
      const box = { x: left - EAVES, y: eaves - height, width: base, height };
      return stacks.length + room.spaces.length > 0 ? [{ ...room, box, things: placed }] : [];
    },
  };
}
