import type { Luck } from './luck.ts';

/** Requests nobody should send and somebody will. */
const NASTY: readonly unknown[] = [
  null,
  '',
  ' ',
  '\0',
  'NUL\0inside',
  'half \ud800 a pair',
  '\udfff',
  '\u202e\u0007',
  '𝟙𝟚'.repeat(50),
  'x'.repeat(5_000),
  -1,
  -0,
  0.1,
  1e308,
  -1e308,
  5e-324,
  2 ** 31,
  2 ** 53,
  1e20,
  true,
  [],
  {},
  [[[[]]]],
  { kind: 'first', of: [] },
  '2026-02-30',
  '0000-00-00',
  '+275760-09-13',
  '-1',
  '1,200',
  '%00',
  '../../etc/passwd',
  "'; DROP TABLE entry; --",
  '__proto__',
  'constructor',
  'toString',
  { toString: 1, length: -1 },
  '{{7*7}}',
  '00000000-0000-0000-0000-000000000000',
  'FFFFFFFF-FFFF-FFFF-FFFF-FFFFFFFFFFFF',
];
const KEYS = ['__proto__', 'constructor', 'id', 'kind', 'toJSON', 'surprise', '\0', 'a'.repeat(300)];

interface Place {
  readonly within: Record<string, unknown> | unknown[];
  readonly key: string | number;
}

function placesIn(value: unknown, found: Place[] = []): Place[] {
  if (typeof value !== 'object' || value === null) return found;
  const entries: [string | number, unknown][] = Array.isArray(value)
    ? [...value.entries()]
    : Object.entries(value);
  for (const [key, child] of entries) {
    found.push({ within: value as Place['within'], key });
    placesIn(child, found);
  }
  return found;
}

/** A rule, or a list, so deep that whoever reads it by recursion falls. */
function deep(luck: Luck): unknown {
  let nested: unknown = { kind: 'clockChange', on: 'both' };
  const levels = luck.one([20, 40, 1_000]);
  for (let level = 0; level < levels; level += 1)
    nested = luck.chance(0.5)
      ? { kind: 'first', of: [nested, { kind: 'clockChange', on: 'both' }] }
      : { kind: 'condition', look: nested, change: { finding: 'worn' }, respondDays: 3 };
  return nested;
}

/** Spoils a value at a place or two; it is copied first. */
export function spoiled(value: unknown, luck: Luck): unknown {
  const copy = JSON.parse(JSON.stringify(value)) as unknown;
  for (let left = luck.whole(1, 2); left > 0; left -= 1) {
    const places = placesIn(copy);
    if (places.length === 0) return luck.one(NASTY);
    spoil(luck.one(places), luck);
  }
  return copy;
}

function spoil({ within, key }: Place, luck: Luck): void {
  const at = within as Record<string | number, unknown>;
  const how = luck.whole(0, 9);
  if (how <= 4) at[key] = luck.one(NASTY);
  else if (how === 5) at[key] = deep(luck);
  else if (how === 6 && Array.isArray(within)) within.push(within[Number(key)], within[0]);
  else if (how === 7 && !Array.isArray(within)) Reflect.deleteProperty(at, key);
  else if (how === 8)
    Object.defineProperty(at, luck.one(KEYS), {
      value: at[key],
      enumerable: true,
      configurable: true,
      writable: true,
    });
  else if (typeof at[key] === 'string') at[key] = at[key].toUpperCase();
  else at[key] = [at[key], at[key]];
}
