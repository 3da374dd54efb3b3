import { fail, ok, type Result } from '../basics/result.ts';
import type { CivilDate } from '../calendar/civilDate.ts';
import type { Change, Entry, EntryBody, EntryKind } from './entry.ts';
import { KINDS } from './kinds/index.ts';
import type { Threads } from './threads.ts';

/** An entry as it stands after the corrections made to it. `sequence` is its place in the ledger, from 0. */
export interface StandingEntry {
  readonly entry: Entry;
  readonly sequence: number;
  /** The day it now counts for. */
  readonly date: CivilDate;
  /** Its present content. */
  readonly body: EntryBody;
  /** Amendments that stand, in sequence. */
  readonly amendedBy: readonly string[];
  /** The void that strikes it out, or null where it stands. */
  readonly voidedBy: string | null;
}

/**
 * Applies every amendment and void of a ledger given in sequence order. A void of a void restores; a void of an
 * amendment undoes it; amendments apply in sequence, so that of two changes to one field the last wins.
 */
export function applyCorrections(entries: readonly Entry[]): StandingEntry[] {
  const voidedBy = findVoids(entries);
  const amendments = new Map<string, Entry[]>();
  for (const entry of entries) {
    if (entry.body.kind !== 'amends' || voidedBy.has(entry.id)) continue;
    const list = amendments.get(entry.body.target);
    if (list) list.push(entry);
    else amendments.set(entry.body.target, [entry]);
  }
  return entries.map((entry, sequence) =>
    amend(entry, sequence, amendments.get(entry.id) ?? [], voidedBy.get(entry.id) ?? null),
  );
}

/** By the day it happened; on one day, by the order of writing. So the order of typing past days does not matter. */
export function byDayThenSequence(a: StandingEntry, b: StandingEntry): number {
  if (a.date !== b.date) return a.date < b.date ? -1 : 1;
  return a.sequence - b.sequence;
}

/** Only a later entry can void, so one pass from the end settles every void before it is needed. */
function findVoids(entries: readonly Entry[]): Map<string, string> {
  const voidedBy = new Map<string, string>();
  for (let index = entries.length - 1; index >= 0; index -= 1) {
    const entry = entries[index];
    if (entry?.body.kind === 'voids' && !voidedBy.has(entry.id)) voidedBy.set(entry.body.target, entry.id);
  }
  return voidedBy;
}

function amend(
  entry: Entry,
  sequence: number,
  amendments: readonly Entry[],
  voidedBy: string | null,
): StandingEntry {
  let { date, body } = entry;
  for (const amendment of amendments) {
    if (amendment.body.kind !== 'amends') continue;
    const { date: newDate, ...fields } = amendment.body.change;
    date = newDate ?? date;
    body = withChange(body, fields);
  }
  return { entry, sequence, date, body, amendedBy: amendments.map(({ id }) => id), voidedBy };
}

function withChange(body: EntryBody, fields: Omit<Change, 'date'>): EntryBody {
  const given = Object.fromEntries(Object.entries(fields).filter(([, value]) => value !== undefined));
  const changed = Object.entries({ ...body, ...given }).filter(([, value]) => value !== null);
  // The fields were checked against the kind when the amendment was accepted (`checkCorrection`).
  return Object.fromEntries(changed) as unknown as EntryBody;
}

/** The fields, besides the date, that an amendment may change in an entry of a kind. */
export const amendableFields = (kind: EntryKind): readonly (keyof Change)[] => KINDS[kind].amendable;

export const isAmendable = (kind: EntryKind): boolean => amendableFields(kind).length > 0;

export const isVoidable = (kind: EntryKind): boolean => KINDS[kind].voidable;

export type CorrectionProblem =
  | { code: 'target-unknown'; field: 'target' }
  | { code: 'target-not-correctable'; field: 'target'; kind: EntryKind }
  | { code: 'target-voided'; field: 'target' }
  | { code: 'field-not-in-kind'; field: keyof Change; kind: EntryKind }
  | { code: 'date-after-correction'; field: 'date'; dated: CivilDate };

/**
 * Whether a correction of a day may be written after a ledger; a problem names the field and what stands against it. It cannot set a date
 * later than its own: else it would change what days before it said.
 */
export function checkCorrection(
  ledger: Threads,
  correction: Extract<EntryBody, { kind: 'amends' | 'voids' }>,
  dated: CivilDate,
): Result<Entry, CorrectionProblem> {
  const target = ledger.find(correction.target);
  if (!target) return fail({ code: 'target-unknown', field: 'target' });
  const { kind } = target.body;
  if (ledger.isVoided(target.id)) return fail({ code: 'target-voided', field: 'target' });
  if (correction.kind === 'voids') {
    if (!isVoidable(kind)) return fail({ code: 'target-not-correctable', field: 'target', kind });
    return ok(target);
  }
  const amendable = amendableFields(kind);
  if (amendable.length === 0) return fail({ code: 'target-not-correctable', field: 'target', kind });
  const { date, ...fields } = correction.change;
  const foreign = (Object.keys(fields) as (keyof Change)[]).find((field) => !amendable.includes(field));
  if (foreign) return fail({ code: 'field-not-in-kind', field: foreign, kind });
  if (date !== undefined && date > dated)
    return fail({ code: 'date-after-correction', field: 'date', dated });
  return ok(target);
}
