import type { HouseSection } from '../../../core/house/section/section.ts';

/** How wide a board of the skirting is. */
const BOARD = 12;

/** The boards of a home on posts, from its floor to the ground, as a path; empty where there is none, or things stand under the floor. */
export function skirtingOf({ form, ground, storeys, walls, rooms }: HouseSection): string {
  const floor = Math.max(
    0,
    ...storeys.filter(({ storey }) => storey >= 0).map(({ box }) => box.y + box.height),
  );
  if (form.below !== 'skirting' || ground <= floor || rooms.some(({ zone }) => zone === 'crawl')) return '';
  const boards = Math.floor(walls.width / BOARD);
  return Array.from(
    { length: boards + 1 },
    (_, at) => `M${walls.x + (at / boards) * walls.width} ${floor} V${ground}`,
  ).join(' ');
}
