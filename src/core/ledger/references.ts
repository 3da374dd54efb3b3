import type { EntryBody } from './entry.ts';
import { KINDS, type EntryKind } from './kinds/index.ts';
import type { Kind, Reference } from './kinds/kind.ts';

/** Information about the kind of a body; the table ties the two together. */
export const kindOfBody = ({ kind }: { readonly kind: EntryKind }): Kind<never> => KINDS[kind] as Kind<never>;

/** Every id an entry's body holds. */
export const referencesOf = (body: EntryBody): readonly Reference[] =>
  kindOfBody(body).references(body as never);

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
