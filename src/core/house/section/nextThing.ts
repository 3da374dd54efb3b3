import type { Box } from './section.ts';

export type Direction = 'left' | 'right' | 'up' | 'down';

const middle = ({ x, y, width, height }: Box): readonly [number, number] => [x + width / 2, y + height / 2];

/**
 * The place one comes to from another by an arrow key: the nearest in that direction, where what lies off to the side counts double. The
 * place itself where there is none.
 */
export function nextThing(boxes: readonly Box[], from: number, direction: Direction): number {
  const start = boxes[from];
  if (!start) return from;
  const [x, y] = middle(start);
  let best = from;
  let least = Infinity;
  boxes.forEach((box, place) => {
    const [toX, toY] = middle(box);
    const [ahead, aside] =
      direction === 'left' || direction === 'right'
        ? [direction === 'right' ? toX - x : x - toX, Math.abs(toY - y)]
        : [direction === 'down' ? toY - y : y - toY, Math.abs(toX - x)];
    const far = ahead + 2 * aside;
    if (place === from || ahead <= 1 || far >= least) return;
    [best, least] = [place, far];
  });
  return best;
}
