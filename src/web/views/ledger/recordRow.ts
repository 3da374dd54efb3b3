import type { HouseBody, LedgerLine } from '../../../contract/schemas.ts';
import { isAmendable, isVoidable } from '../../../core/ledger/corrections.ts';
import { dateText, type Speech } from '../../../locales/speech.ts';
import { describeBody } from '../../parts/entry/describe.ts';

/** An entry as a row of the record, in words: the columns that many kinds share, and all else it says in one text. */
export interface RecordRow extends Record<string, unknown> {
  readonly id: string;
  readonly line: LedgerLine;
  readonly date: string;
  readonly kind: string;
  readonly about: string;
  readonly says: string;
  readonly who: string;
  readonly minutes: string;
  readonly cost: string;
  readonly isVoided: boolean;
  readonly isEdited: boolean;
  readonly mayCorrect: boolean;
  readonly mayStrike: boolean;
}

/** Fields with a column of their own. */
const COLUMNS = ['who', 'minutes', 'cost'] as const;

export function recordRow(line: LedgerLine, house: HouseBody, speech: Speech, mayWrite: boolean): RecordRow {
  const { about, says } = describeBody(line.body, house, speech);
  const said = (field: (typeof COLUMNS)[number]): string =>
    says.find((one) => one.field === field)?.text ?? '';
  const others = says.filter(({ field }) => !COLUMNS.some((column) => column === field));
  return {
    id: line.entry.id,
    line,
    date: dateText(speech, line.date),
    kind: speech.t(`ledger.kind.${line.body.kind}`),
    about,
    says: others.map(({ text }) => text).join('; '),
    who: said('who'),
    minutes: said('minutes'),
    cost: said('cost'),
    isVoided: line.voidedBy !== null,
    isEdited: line.corrections.length > 0,
    mayCorrect: mayWrite && isAmendable(line.body.kind),
    mayStrike: mayWrite && isVoidable(line.body.kind),
  };
}
