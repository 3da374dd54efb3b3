import { placesOf, roomIn } from './cells.ts';
import type { Group } from './groups.ts';
import { CELL, MOST, NAME_HEIGHT, type PlacedRoom } from './section.ts';

/** Rooms side by side: each with the number of things beside each other in it, and how many rows of things the highest of them has. */
export interface Line {
  readonly rooms: readonly { readonly group: Group; readonly columns: number }[];
  readonly rows: number;
}

const MOST_ROWS = 3;
const columnsFor = (group: Group, rows: number): number => Math.max(1, Math.ceil(placesOf(group) / rows));

function lineOf(groups: readonly Group[], rows: number, across: number): Line {
  const rooms = groups.map((group) => ({ group, columns: Math.min(across, columnsFor(group, rows)) }));
  const needed = rooms.map(({ group, columns }) => Math.ceil(placesOf(group) / columns));
  return { rooms, rows: Math.max(1, ...needed) };
}

/** How wide the rooms of a line are, in things. */
export const widthOf = ({ rooms }: Line): number => rooms.reduce((sum, { columns }) => sum + columns, 0);

/** The rooms of a storey in one line, as flat as they fit; in several where even stacked things are too many. */
export function linesOf(groups: readonly Group[], across: number): Line[] {
  for (let rows = 1; rows <= MOST_ROWS; rows += 1) {
    const line = lineOf(groups, rows, across);
    if (widthOf(line) <= across) return [line];
  }
  const most = Math.max(MOST_ROWS, Math.ceil(MOST / across));
  const lines: Group[][] = [];
  let free = 0;
  for (const group of groups) {
    const columns = Math.min(across, columnsFor(group, most));
    const last = lines.at(-1);
    if (last && columns <= free) last.push(group);
    else lines.push([group]);
    free = (last && columns <= free ? free : across) - columns;
  }
  return lines.map((line) => lineOf(line, most, across));
}

/** The height of a line: the name of its rooms, and their things. */
export const heightOf = ({ rows }: Line): number => NAME_HEIGHT + rows * CELL.height;

/** A line of rooms from wall to wall. */
export function placeLine(line: Line, x: number, y: number, width: number): PlacedRoom[] {
  const all = widthOf(line);
  let before = 0;
  return line.rooms.map(({ group, columns }) => {
    const [from, to] = [before, before + columns].map((at) => Math.round((at / all) * width));
    before += columns;
    return roomIn(group, {
      x: x + (from ?? 0),
      y,
      width: (to ?? 0) - (from ?? 0),
      height: heightOf(line),
    });
  });
}
