import { describe, expect, test } from 'vitest';
import { nextThing } from './nextThing.ts';

describe('the way of the arrow keys', () => {
  const at = (x: number, y: number) => ({ x, y, width: 10, height: 10 });
  const boxes = [at(0, 0), at(20, 2), at(40, 0), at(0, 30), at(25, 30)];

  test('leads to the nearest in that direction', () => {
    expect(nextThing(boxes, 0, 'right')).toBe(1);
    expect(nextThing(boxes, 1, 'right')).toBe(2);
    expect(nextThing(boxes, 0, 'down')).toBe(3);
    expect(nextThing(boxes, 4, 'up')).toBe(1);
    expect(nextThing(boxes, 2, 'left')).toBe(1);
  });

  test('stays where there is none', () => {
    expect(nextThing(boxes, 0, 'left')).toBe(0);
    expect(nextThing(boxes, 2, 'right')).toBe(2);
    expect(nextThing([], 0, 'up')).toBe(0);
  });

  test('reaches every thing from every other', () => {
    const reached = new Set([0]);
    for (let grown = true; grown;) {
      grown = false;
      for (const from of [...reached])
        for (const direction of ['left', 'right', 'up', 'down'] as const) {
          const to = nextThing(boxes, from, direction);
          if (!reached.has(to)) grown = true;
          reached.add(to);
        }
    }
    expect([...reached].sort()).toEqual([0, 1, 2, 3, 4]);
  });
});
