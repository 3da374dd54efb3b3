import { assertNever } from '../basics/result.ts';
import type { EntryBody } from './entry.ts';

/** What an entry speaks of, by the sort of thing; `field` is where in the body the id stands. */
export interface Reference {
  readonly field: string;
  readonly to: 'duty' | 'asset' | 'person' | 'entry';
  readonly id: string;
}

/** Every id an entry's body holds. The list is exhaustive by kind, so that a new kind cannot forget its references. */
export function referencesOf(body: EntryBody): Reference[] {
  switch (body.kind) {
    case 'adopted':
    case 'retired':
    case 'terms':
    case 'skipped':
    case 'putOff':
    case 'paused':
    case 'resumed':
    case 'dismissed':
      return [duty(body.duty)];
    case 'done':
      return [duty(body.duty), ...(body.who === undefined ? [] : [person(body.who)])];
    case 'fact':
    case 'reading':
    case 'opened':
    case 'shut':
    case 'removed':
      return [asset('asset', body.asset)];
    case 'finding':
      return [
        ...(body.duty === undefined ? [] : [duty(body.duty)]),
        asset('asset', body.asset),
        ...(body.reading === undefined ? [] : [entry('reading', body.reading)]),
      ];
    case 'findingClosed':
      return [entry('finding', body.finding), ...(body.who === undefined ? [] : [person(body.who)])];
    case 'replaced':
      return [asset('asset', body.asset), asset('successor', body.successor)];
    case 'note':
      return body.asset === undefined ? [] : [asset('asset', body.asset)];
    case 'amends': {
      const target: Reference = { field: 'target', to: 'entry', id: body.target };
      const { who } = body.change;
      return who ? [target, { field: 'change.who', to: 'person', id: who }] : [target];
    }
    case 'voids':
      return [{ field: 'target', to: 'entry', id: body.target }];
    case 'trait':
    case 'event':
    case 'stockMoved':
    case 'bought':
      return [];
  }
  return assertNever(body);
}

/** The duty an entry speaks of itself; a correction speaks of its target's. */
export function dutyOf(body: EntryBody): string | null {
  return referencesOf(body).find(({ to }) => to === 'duty')?.id ?? null;
}

/** The body with every id replaced, for moving a ledger into another home. */
export function mapReferences(body: EntryBody, rename: (id: string) => string): EntryBody {
  const copy: Record<string, unknown> = { ...body };
  for (const { field, id } of referencesOf(body)) {
    if (field === 'change.who' && body.kind === 'amends')
      copy['change'] = { ...body.change, who: rename(id) };
    else copy[field] = rename(id);
  }
  // Same kind, same fields, other ids.
  return copy as EntryBody;
}

const duty = (id: string): Reference => ({ field: 'duty', to: 'duty', id });
const person = (id: string): Reference => ({ field: 'who', to: 'person', id });
const entry = (field: string, id: string): Reference => ({ field, to: 'entry', id });
const asset = (field: string, id: string): Reference => ({ field, to: 'asset', id });
