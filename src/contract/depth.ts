import { pathText } from './errors.ts';

/** How deep what is sent may be nested: the deepest of the formats, a rule in a rule of a whole house, needs half of it. */
export const MOST_DEPTH = 32;

/** The path of the first value that is nested deeper than that; null where none is. Walks without recursion, so that any depth is told. */
export function pathTooDeep(value: unknown): string | null {
  const waiting: { value: unknown; path: readonly PropertyKey[] }[] = [{ value, path: [] }];
  for (let one = waiting.pop(); one; one = waiting.pop()) {
    const { value: at, path } = one;
    if (typeof at !== 'object' || at === null) continue;
    if (path.length >= MOST_DEPTH) return pathText(path);
    const children: [PropertyKey, unknown][] = Array.isArray(at)
      ? at.map((child, index): [number, unknown] => [index, child])
      : Object.entries(at);
    for (const [key, child] of children)
      if (typeof child === 'object' && child !== null) waiting.push({ value: child, path: [...path, key] });
  }
  return null;
}
