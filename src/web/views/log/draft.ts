import { makeBody } from '../../../core/ledger/write/makeBody.ts';
import type { CivilDate } from '../../../core/calendar/civilDate.ts';
import type { EntryBody } from '../../../core/ledger/entry.ts';
import { MEASURES } from '../../../core/readings/measures.ts';
import { isUnit, unitIn } from '../../../core/units/units.ts';
import { readFinding, type FindingDraft } from '../../parts/finding/findingDraft.ts';
import { codeSchema } from '../../../core/basics/code.ts';
import { readInteger, readNumber, type NumberFault } from '../../parts/typed/fields.ts';
import { gradeOf } from '../../parts/task/look.ts';

/** The kinds of notes; work done is logged on Today. */
export const NOTE_KINDS = ['event', 'grade', 'reading', 'finding', 'made', 'stock', 'text'] as const;
export type NoteKind = (typeof NOTE_KINDS)[number];

/** The kinds Log offers: the notes, and what is shut off for a season, which is a list and no form. */
export const LOG_KINDS = [...NOTE_KINDS, 'season'] as const;
export type LogKind = (typeof LOG_KINDS)[number];

/** The values known already when a form opens. */
export interface LogDraft {
  readonly kind: LogKind;
  readonly thing?: string | undefined;
  readonly measurement?: string | undefined;
  readonly what?: string | undefined;
  readonly supply?: string | undefined;
  readonly trigger?: string | undefined;
  readonly note?: string | undefined;
  readonly photo?: string | null | undefined;
  readonly date?: CivilDate | undefined;
}

/** The unit each measure is typed in, in the home's own system; empty for a grade or a share. */
export const measureUnits = (system: 'us' | 'metric'): Readonly<Record<string, string>> =>
  Object.fromEntries(
    Object.entries(MEASURES).map(([measure, unit]) => [measure, isUnit(unit) ? unitIn(unit, system) : unit]),
  );

/** The form's values, as typed. */
export interface NoteDraft extends FindingDraft {
  kind: NoteKind;
  date: string;
  trigger: string;
  ownTrigger: string;
  asset: string;
  measure: string;
  value: string;
  grade: string;
  made: string;
  supply: string;
  change: string;
  note: string;
}

/** A note ready to be written, and how it is told. */
export interface Noted {
  readonly entries: readonly { readonly date: CivilDate; readonly body: EntryBody; readonly id?: string }[];
  readonly label: string;
}

/** Chosen where the list has not what happened. */
export const OWN_TRIGGER = 'own';

type Read = { readonly body: EntryBody } | ({ readonly field: string } & NumberFault);

const wrong = (field: string, problem: string): Read => ({ field, problem });
const toCode = (text: string): string =>
  text
    .trim()
    .toLowerCase()
    .replaceAll(/[^a-z0-9]+/g, '-')
    .replace(/^-|-$/g, '');

/** The entry the form stands for, or the first field that is not right and what would be. `units`: the unit of each measure. */
export function readNote(draft: NoteDraft, units: Readonly<Record<string, string>>): Read {
  const note = draft.note.trim() === '' ? {} : { note: draft.note.trim() };
  const { asset } = draft;
  const needsAsset = ['grade', 'reading', 'finding', 'made'].includes(draft.kind);
  if (needsAsset && asset === '') return wrong('asset', 'missing');
  switch (draft.kind) {
    case 'event': {
      const trigger = draft.trigger === OWN_TRIGGER ? toCode(draft.ownTrigger) : draft.trigger;
      if (!codeSchema.safeParse(trigger).success) return wrong('ownTrigger', 'missing');
      return { body: makeBody('event', { trigger, ...note }) };
    }
    case 'grade':
      if (draft.grade === '') return wrong('grade', 'missing');
      return {
        body: makeBody('reading', {
          asset,
          measure: 'filter-grade',
          value: gradeOf(draft.grade) ?? 0,
          unit: 'grade',
          ...note,
        }),
      };
    case 'reading': {
      const read = readNumber(draft.value);
      if (!read.ok) return { field: 'value', ...read.fault };
      const { measure } = draft;
      const unit = units[measure] || 'count';
      return { body: makeBody('reading', { asset, measure, value: read.value, unit, ...note }) };
    }
    case 'finding':
      return readFound(draft, note);
    case 'made':
      return { body: makeBody('fact', { asset, fact: 'made', value: draft.made.trim() }) };
    case 'stock': {
      const read = readInteger(draft.change, -100_000, 100_000, 'whole');
      if (!read.ok) return { field: 'change', ...read.fault };
      if (read.value === 0) return wrong('change', 'whole');
      return { body: makeBody('stockMoved', { supply: draft.supply, change: read.value }) };
    }
    case 'text':
      if (draft.note.trim() === '') return wrong('note', 'missing');
      return {
        body: makeBody('note', {
          text: draft.note.trim(),
          ...(asset !== '' && { asset }),
          ...(draft.photo !== null && { photo: draft.photo }),
        }),
      };
  }
}

function readFound(draft: NoteDraft, note: { note?: string }): Read {
  const read = readFinding(draft);
  if ('field' in read) return read;
  return { body: makeBody('finding', { asset: draft.asset, ...read.finding, ...note }) };
}
