import { z } from 'zod';
import { ROUTES, type RouteName, type RouteSpec } from '../../../src/contract/routes.ts';
import type { Luck } from './luck.ts';
import { spoiled } from './spoil.ts';
import { Values, type JsonSchema, type Known } from './valueFor.ts';
import type { Sent } from './wire.ts';

export const NAMES = Object.keys(ROUTES) as RouteName[];

/** Every route's schemas as JSON Schema: what is sent follows the table by itself when a route is added. */
const SCHEMAS = new Map(
  NAMES.map((name) => {
    const { body, query, params }: RouteSpec = ROUTES[name];
    const written = (schema: z.ZodType): JsonSchema =>
      z.toJSONSchema(schema, { io: 'input', unrepresentable: 'any' }) as JsonSchema;
    return [name, { body: written(body), query: written(query), params: written(params) }];
  }),
);

const BAD_PARTS = [
  '%zz',
  '%',
  '%00',
  '%ed%a0%80',
  '..%2f..',
  '%F0%9F',
  'x'.repeat(3_000),
  'null',
  '-1',
  '%E2%80%AE',
];
const BAD_PATHS = [
  '/%zz',
  '/%',
  '/assets/nothing.js',
  '/assets/%zz',
  '/assets/..%2f..%2fpackage.json',
  '/assets/',
  '/index.html%00',
  '/homes/%ff/today',
  '//api//homes',
  '/api',
  '/api/homes/../me',
  '/api/homes?x=%zz&x=1',
  '/sw.js?%%%',
];
const BAD_HEADERS: readonly Readonly<Record<string, string>>[] = [
  { range: 'bytes=999999999-' },
  { range: 'bytes=5-1,a-b' },
  { 'content-type': 'application/json; charset=klingon' },
  { 'content-type': 'text/plain' },
  { 'content-encoding': 'gzip' },
  { 'content-encoding': 'mystery' },
  { cookie: 'salt-ledger=s%3Anobody.%zz' },
  { cookie: 'salt-ledger=s:..' },
  { accept: 'text/*;q=nothing' },
  { origin: 'http://evil.example' },
  { 'x-forwarded-for': '\u00ff, 1.1.1.1' },
  { 'if-none-match': 'W/"' },
  { expect: '200-maybe' },
];
const BAD_BODIES = [
  '',
  '{',
  '[]',
  'null',
  '"text"',
  '{"a":1e999}',
  '\0',
  '\ufeff{}',
  '{"__proto__":{"x":1}}',
  '[[[[',
];

/** One request of a route or beside it; most of them would be right but for one thing. */
export function oneRequest(luck: Luck, known: Known, name: RouteName): Sent & { readonly value: unknown } {
  if (luck.chance(0.04))
    return {
      method: luck.one(['GET', 'POST', 'HEAD', 'PATCH', 'OPTIONS', 'DELETE']),
      path: luck.one(BAD_PATHS),
      headers: luck.one(BAD_HEADERS),
      body: null,
      value: null,
    };
  const spec: RouteSpec = ROUTES[name];
  const { body, query } = SCHEMAS.get(name) ?? { body: {}, query: {} };
  const spoils = luck.chance(0.6);
  const where = spoils
    ? luck.one(['path', 'query', 'body', 'body', 'body', 'body', 'raw', 'headers', 'method'])
    : '';
  const right = new Values(luck, known, body).of(body);
  const value = where === 'body' ? spoiled(right, luck) : right;
  const text = where === 'raw' ? luck.one(BAD_BODIES) : JSON.stringify(value);
  const method = where === 'method' ? luck.one(['PATCH', 'OPTIONS', 'PUT', 'POST', 'HEAD']) : spec.method;
  const sends = spec.method !== 'GET' && method !== 'HEAD';
  return {
    method,
    path: `${pathOf(spec, luck, known, where === 'path')}${queryOf(new Values(luck, known, query), query, luck, where === 'query')}`,
    headers: {
      ...(sends && { 'content-type': 'application/json' }),
      ...(where === 'headers' && luck.one(BAD_HEADERS)),
    },
    body: sends ? text : null,
    value,
  };
}

function pathOf({ path }: RouteSpec, luck: Luck, known: Known, spoils: boolean): string {
  const names = [...path.matchAll(/:(\w+)/g)].map(([, name = '']) => name);
  const bad = spoils && names.length > 0 ? luck.one(names) : null;
  return path.replaceAll(/:(\w+)/g, (_, name: string) => {
    if (name === bad) return luck.one(BAD_PARTS);
    if (name === 'code') return luck.one(['gutter-clean', 'mine', 'nobodys']);
    const ids = known.get(name) ?? [];
    return ids.length > 0 && luck.chance(0.9) ? luck.one(ids) : luck.uuid();
  });
}

function queryOf(values: Values, schema: JsonSchema, luck: Luck, spoils: boolean): string {
  const made = values.of(schema) as Record<string, unknown>;
  const parts = Object.entries(made).map(([key, value]) => `${key}=${encodeURIComponent(String(value))}`);
  if (spoils)
    parts.push(
      luck.one([
        'before=%zz',
        'limit=1e9',
        'text=%00',
        'text=%ed%a0%80',
        'before=2026-02-31.1',
        'x',
        'leastCost=-0',
        'from=0000-00-00',
        'limit=50&limit=50',
      ]),
    );
  return parts.length === 0 ? '' : `?${parts.join('&')}`;
}
