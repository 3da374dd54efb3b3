import type { CivilDate } from '../calendar/civilDate.ts';
import type { EntryBody, EntryKind } from './entry.ts';
import type { Verdict } from '../basics/verdict.ts';

/** Which lines of a ledger are wanted; what is left out does not matter. */
export interface LedgerFilter {
  /** Words that stand in what someone wrote. */
  readonly text?: string | undefined;
  /** Duties and things whose names hold those words. */
  readonly named?: readonly string[] | undefined;
  readonly kind?: EntryKind | undefined;
  /** Things, of which any may be meant. */
  readonly assets?: readonly string[] | undefined;
  readonly duties?: readonly string[] | undefined;
  readonly person?: string | undefined;
  readonly verdict?: Verdict | undefined;
  readonly from?: CivilDate | undefined;
  readonly to?: CivilDate | undefined;
  /** In the smallest unit of the currency. */
  readonly leastCost?: number | undefined;
}

/** A line as it stands: what is matched is what it says now, not what it once said. */
export interface SeasonStateLine {
  readonly date: CivilDate;
  readonly by: string;
  readonly body: EntryBody;
}

const has = <K extends string>(body: EntryBody, field: K): body is EntryBody & Record<K, unknown> =>
  field in body;

const assetOf = (body: EntryBody): string | undefined =>
  has(body, 'asset') && typeof body.asset === 'string' ? body.asset : undefined;
const dutyOf = (body: EntryBody): string | undefined =>
  has(body, 'duty') && typeof body.duty === 'string' ? body.duty : undefined;

/** The free text of an entry, in lower case. */
const wordsIn = (body: EntryBody): string =>
  ['note', 'why', 'what', 'text', 'place', 'supply', 'trigger', 'fact', 'trait', 'measure']
    .flatMap((field) => (has(body, field) && typeof body[field] === 'string' ? [body[field]] : []))
    .join(' ')
    .toLowerCase();

/** The verdict a line tells of: of a finding, or of a reading when it was read. */
export function verdictIn(body: EntryBody): Verdict | undefined {
  if (body.kind === 'finding') return body.verdict;
  return body.kind === 'reading' ? body.judged?.verdict : undefined;
}

/** Whether a line is wanted. Filters are all to be met; of several things or duties any. */
export function matches({ date, by, body }: SeasonStateLine, filter: LedgerFilter): boolean {
  const about = [assetOf(body), dutyOf(body)].filter((id) => id !== undefined);
  const text = filter.text?.trim().toLowerCase() ?? '';
  const who = has(body, 'who') ? body.who : undefined;
  return (
    (filter.kind === undefined || body.kind === filter.kind) &&
    (filter.from === undefined || date >= filter.from) &&
    (filter.to === undefined || date <= filter.to) &&
    (filter.person === undefined || by === filter.person || who === filter.person) &&
    (filter.verdict === undefined || verdictIn(body) === filter.verdict) &&
    (filter.leastCost === undefined || (has(body, 'cost') && Number(body.cost) >= filter.leastCost)) &&
    (filter.assets === undefined && filter.duties === undefined
      ? true
      : about.some((id) => (filter.assets ?? []).includes(id) || (filter.duties ?? []).includes(id))) &&
    (text === '' || wordsIn(body).includes(text) || about.some((id) => (filter.named ?? []).includes(id)))
  );
}
