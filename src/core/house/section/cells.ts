import type { Group } from './groups.ts';
import { CELL, MOST, NAME_HEIGHT, type Box, type PlacedRoom, type PlacedThing } from './section.ts';

/** The things of a group one by one, the rest of them folded into one place where there are more than fit. */
export function folded(group: Pick<Group, 'things'>, most = MOST): readonly (readonly string[])[] {
  const ids = group.things.map(({ id }) => id);
  if (ids.length <= most) return ids.map((id) => [id]);
  return [...ids.slice(0, most - 1).map((id) => [id]), ids.slice(most - 1)];
}

/** How many places a group takes. */
export const placesOf = (group: Pick<Group, 'things'>): number => Math.min(group.things.length, MOST);

/** Places side by side, in the middle between a left edge and a right one. */
export function inRow(
  stacks: readonly (readonly string[])[],
  { x, y, width }: Pick<Box, 'x' | 'y' | 'width'>,
): PlacedThing[] {
  const left = x + (width - stacks.length * CELL.width) / 2;
  return stacks.map((assets, place) => ({
    assets,
    folded: assets.length > 1,
    box: { ...CELL, x: left + place * CELL.width, y },
  }));
}

/** Places in rows from the bottom of a box up, each row in its middle. The box holds them all: see the callers. */
function inRows(stacks: readonly (readonly string[])[], { x, y, width, height }: Box): PlacedThing[] {
  const columns = Math.max(1, Math.floor(width / CELL.width));
  const rows = Math.ceil(stacks.length / columns);
  return Array.from({ length: rows }, (_, row) =>
    inRow(stacks.slice(row * columns, (row + 1) * columns), {
      x,
      y: y + height - (rows - row) * CELL.height,
      width,
    }),
  ).flat();
}

/** A group in a box, its name at the top and its things below. */
export function roomIn(group: Group, box: Box): PlacedRoom {
  const inside = { ...box, y: box.y + NAME_HEIGHT, height: box.height - NAME_HEIGHT };
  return {
    zone: group.zone,
    spaces: group.spaces.map(({ id }) => id),
    names: group.spaces.map(({ name }) => name),
    box,
    things: inRows(folded(group), inside),
  };
}
