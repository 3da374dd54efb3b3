import { pathText } from './errors.ts';

/** How deep what is sent may be nested: the deepest of the formats, a rule in a rule of a whole house, needs half of it. */
export const MOST_DEPTH = 32;

/** A value with the way back to the whole. */
interface Nested {
  readonly value: object;
  readonly key: PropertyKey;
  readonly depth: number;
  readonly within: Nested | null;
}

/** The path of a value that is nested deeper than that; null where none is. Walks without recursion, so that any depth is told. */
export function pathTooDeep(whole: unknown): string | null {
  const waiting: Nested[] = isNested(whole) ? [{ value: whole, key: '', depth: 0, within: null }] : [];
  for (let one = waiting.pop(); one; one = waiting.pop()) {
    if (one.depth >= MOST_DEPTH) return pathText(keysTo(one));
    const { value, depth } = one;
    if (Array.isArray(value)) {
      for (const [key, child] of value.entries())
        if (isNested(child)) waiting.push({ value: child, key, depth: depth + 1, within: one });
    } else {
      for (const [key, child] of Object.entries(value))
        if (isNested(child)) waiting.push({ value: child, key, depth: depth + 1, within: one });
    }
  }
  return null;
}

const isNested = (value: unknown): value is object => typeof value === 'object' && value !== null;

function keysTo(nested: Nested): PropertyKey[] {
  const keys: PropertyKey[] = [];
  for (let at = nested; at.within; at = at.within) keys.unshift(at.key);
  return keys;
}
