import { v7 as uuid } from 'uuid';
import type { ErrorCode } from '../../../contract/errors.ts';
import { appendSchema, type NewEntry } from '../../../contract/schemas.ts';
import { isCivilDate } from '../../../core/calendar/civilDate.ts';

/** The parts of a refused entry that can be corrected: the day and what was typed. */
export const TYPED_FIELDS = ['note', 'why', 'text', 'what'] as const;
export type TypedField = (typeof TYPED_FIELDS)[number];

/** One entry of a refused write, as it stands in the form. */
export interface EntryDraft {
  date: string;
  readonly typed: Partial<Record<TypedField, string>>;
}

/** The entries of a refused write, for the form; none where it holds something else. */
export function draftsOf(body: unknown): EntryDraft[] {
  const read = appendSchema.safeParse(body);
  // The refused part may be the very one that no schema takes: then it is read as loosely as it can be.
  const entries: unknown = read.success ? read.data.entries : (body as { entries?: unknown } | null)?.entries;
  if (!Array.isArray(entries)) return [];
  return (entries as { date?: unknown; body?: unknown }[]).map(({ date, body: said }) => ({
    date: typeof date === 'string' ? date : '',
    typed: Object.fromEntries(
      TYPED_FIELDS.flatMap((field) => {
        const value = (said as Record<string, unknown> | null)?.[field];
        return typeof value === 'string' ? [[field, value]] : [];
      }),
    ),
  }));
}

/**
 * The write with what was put right; or the place of the first entry whose day is none. Whoever sends it again has looked: it no longer
 * says what was looked at before. Ids that stand for something else are made anew.
 */
export function putRight(
  body: unknown,
  drafts: readonly EntryDraft[],
  refused: ErrorCode,
): { readonly body: { entries: NewEntry[] } } | { readonly wrong: number } {
  const wrong = drafts.findIndex(({ date }) => !isCivilDate(date));
  if (wrong >= 0) return { wrong };
  const { entries } = body as { entries: readonly NewEntry[] };
  return {
    body: {
      entries: entries.map(({ saw: _saw, ...entry }, index) => {
        const draft = drafts[index];
        const fresh = refused === 'id-taken' ? { id: uuid() } : {};
        // Only fields that are there are changed; the server reads all of it again.
        return {
          ...entry,
          ...fresh,
          date: draft?.date ?? entry.date,
          body: { ...entry.body, ...draft?.typed },
        } as NewEntry;
      }),
    },
  };
}
