import { isCivilDate, type CivilDate } from '../calendar/civilDate.ts';
import type { House, Person } from '../house/house.ts';
import { entryBodySchema, type EntryBody } from '../ledger/entry.ts';
import { idSchema } from '../basics/id.ts';
import { plainNumber, readPlainNumber } from '../units/plainNumber.ts';

/** The columns of a ledger as a table, in their order. Things, tasks and people by the names a home knows them by. */
export const LEDGER_COLUMNS = [
  'id',
  'date',
  'kind',
  'thing',
  'task',
  'who',
  'minutes',
  'cost',
  'measure',
  'value',
  'unit',
  'verdict',
  'what',
  'place',
  'days',
  'state',
  'trigger',
  'supply',
  'quantity',
  'finding',
  'note',
] as const;
export type LedgerColumn = (typeof LEDGER_COLUMNS)[number];
export type LedgerRow = Readonly<Record<LedgerColumn, string>>;

/** Kinds a table can hold; what a house is made of and how it is kept belongs to the house file. */
export const TABLE_KINDS = [
  'done',
  'skipped',
  'reading',
  'finding',
  'findingClosed',
  'opened',
  'shut',
  'event',
  'stockMoved',
  'bought',
  'note',
] as const;
type TableKind = (typeof TABLE_KINDS)[number];
const isTableKind = (kind: string): kind is TableKind => (TABLE_KINDS as readonly string[]).includes(kind);

/** A line to write out, as it stands. */
export interface TableEntry {
  readonly id: string;
  readonly date: CivilDate;
  readonly body: EntryBody;
}

/** The facts about a home that a table needs: its names, and how many digits its money has after the point. */
export interface TableHome {
  readonly house: Pick<House, 'assets' | 'duties'> & { readonly people: readonly Person[] };
  readonly digits: number;
}

/** A task by its practice's code, or in the home's own words. */
const taskOf = (duty: House['duties'][number]): string =>
  duty.practice.from === 'catalogue' ? duty.practice.code : duty.practice.title;

const EMPTY = Object.fromEntries(LEDGER_COLUMNS.map((column) => [column, ''])) as Record<
  LedgerColumn,
  string
>;
const text = (value: unknown): string => {
  if (value === undefined || value === null) return '';
  return typeof value === 'number' ? plainNumber(value) : String(value);
};

/** A line as a row of the table; null for kinds a table does not hold. */
export function rowOfEntry({ id, date, body }: TableEntry, { house, digits }: TableHome): LedgerRow | null {
  if (!isTableKind(body.kind)) return null;
  const get = (field: string): unknown => (body as Record<string, unknown>)[field];
  const duty = house.duties.find((one) => one.id === get('duty'));
  const asset = get('asset') ?? duty?.asset;
  const cost = get('cost');
  const judged = body.kind === 'reading' ? body.judged?.verdict : get('verdict');
  const note = body.kind === 'note' ? body.text : body.kind === 'skipped' ? body.why : get('note');
  return {
    ...EMPTY,
    id,
    date,
    kind: body.kind,
    thing: text(house.assets.find((one) => one.id === asset)?.name),
    task: duty ? taskOf(duty) : '',
    who: text(house.people.find((one) => one.id === get('who'))?.name),
    minutes: text(get('minutes')),
    cost: typeof cost === 'number' ? (cost / 10 ** digits).toFixed(digits) : '',
    measure: text(get('measure')),
    value: text(get('value')),
    unit: text(get('unit')),
    verdict: text(judged),
    what: text(get('what')),
    place: text(get('place')),
    days: text(get('days')),
    state: text(get('state')),
    trigger: text(get('trigger')),
    ...stockOf(body),
    finding: text(get('finding')),
    note: text(note),
  };
}

/** Supplies used, bought or moved: several supplies one after the other, their quantities likewise. */
function stockOf(body: EntryBody): Pick<LedgerRow, 'supply' | 'quantity'> {
  if (body.kind === 'stockMoved') return { supply: body.supply, quantity: text(body.change) };
  if (body.kind === 'bought') return { supply: body.supply, quantity: text(body.quantity) };
  const used = (body.kind === 'done' && body.used) || [];
  return {
    supply: used.map(({ supply }) => supply).join(BETWEEN),
    quantity: used.map(({ quantity }) => plainNumber(quantity)).join(BETWEEN),
  };
}

/** Stands between supplies, and between their quantities. */
const BETWEEN = '; ';

/** One thing wrong with a row; `row` counts lines of the table from 1, without its head. */
export interface RowProblem {
  readonly row: number;
  /** The name of the column, or the number of a cell past the last of them. */
  readonly column: string;
  readonly problem:
    | 'missing'
    | 'date'
    | 'future'
    | 'kind'
    | 'number'
    | 'unknown'
    | 'several'
    | 'invalid'
    | 'quotes'
    | 'surplus';
  readonly value: string;
}

/**
 * Rows back into entries: all of them, or every problem by row and column. A row without an id gets a new one. A task on a thing is the
 * duty kept there; a name that two things share says so.
 */
export function entriesOfRows(
  rows: readonly Partial<Record<string, string>>[],
  home: TableHome,
  today: CivilDate,
  makeId: () => string,
): { readonly entries: TableEntry[]; readonly problems: RowProblem[] } {
  const problems: RowProblem[] = [];
  const entries = rows.flatMap((row, place): TableEntry[] => {
    const reader = new RowReader(row, place + 1, home, problems);
    const date = reader.date(today);
    const body = reader.body();
    const known = idSchema.safeParse(reader.at('id'));
    const id = known.success ? known.data : makeId();
    return date !== null && body !== null ? [{ id, date, body }] : [];
  });
  return { entries, problems };
}

/** Reads one row, noting whatever is wrong with it. */
class RowReader {
  constructor(
    private readonly row: Partial<Record<string, string>>,
    private readonly number: number,
    private readonly home: TableHome,
    private readonly problems: RowProblem[],
  ) {}

  at(column: LedgerColumn): string {
    return (this.row[column] ?? '').trim();
  }

  private wrong(column: LedgerColumn, problem: RowProblem['problem']): null {
    this.problems.push({ row: this.number, column, problem, value: this.at(column) });
    return null;
  }

  date(today: CivilDate): CivilDate | null {
    const date = this.at('date');
    if (!isCivilDate(date)) return this.wrong('date', date === '' ? 'missing' : 'date');
    return date > today ? this.wrong('date', 'future') : date;
  }

  private number_(column: LedgerColumn, scale = 1): number | undefined | null {
    const said = this.at(column);
    if (said === '') return undefined;
    const value = readPlainNumber(said);
    return value === null ? this.wrong(column, 'number') : Math.round(value * scale * 1e9) / 1e9;
  }

  private named<T extends { readonly id: string }>(
    column: LedgerColumn,
    some: readonly T[],
  ): string | null | undefined {
    if (this.at(column) === '') return undefined;
    const [first, second] = some;
    if (!first) return this.wrong(column, 'unknown');
    return second ? this.wrong(column, 'several') : first.id;
  }

  private asset(): string | null | undefined {
    const name = this.at('thing');
    const called = this.home.house.assets.filter((one) => one.name === name);
    // Of a line of replacements of one name the one that stands is meant.
    return this.named(
      'thing',
      called.filter(({ id }) => !called.some(({ succeeds }) => succeeds === id)),
    );
  }

  private duty(): string | null {
    const [task, thing] = [this.at('task'), this.at('thing')];
    if (task === '') return this.wrong('task', 'missing');
    const { assets, duties } = this.home.house;
    const fits = duties.filter(
      (duty) =>
        taskOf(duty) === task && (thing === '' || assets.find(({ id }) => id === duty.asset)?.name === thing),
    );
    return this.named('task', fits) ?? null;
  }

  /** The body the row stands for; null where something is wrong, which is then noted. */
  body(): EntryBody | null {
    const kind = this.at('kind');
    if (!isTableKind(kind)) return this.wrong('kind', kind === '' ? 'missing' : 'kind');
    const before = this.problems.length;
    const raw = this.raw(kind);
    if (this.problems.length > before) return null;
    const known = Object.fromEntries(
      Object.entries(raw).filter(([, value]) => value !== undefined && value !== ''),
    );
    const parsed = entryBodySchema.safeParse({ kind, ...known });
    if (parsed.success) return parsed.data;
    const field = String(parsed.error.issues[0]?.path[0] ?? 'kind');
    return this.wrong(COLUMN_OF[field] ?? 'kind', known[field] === undefined ? 'missing' : 'invalid');
  }

  private raw(kind: TableKind): Record<string, unknown> {
    const note = this.at('note');
    const work = () => ({
      who: this.named(
        'who',
        this.home.house.people.filter((one) => one.name === this.at('who')),
      ),
      minutes: this.number_('minutes'),
      cost: this.number_('cost', 10 ** this.home.digits),
      note,
    });
    switch (kind) {
      case 'done':
        return { duty: this.duty(), ...work(), used: this.used() };
      case 'skipped':
        return { duty: this.duty(), why: note };
      case 'reading':
        return {
          asset: this.asset(),
          measure: this.at('measure'),
          value: this.number_('value'),
          unit: this.at('unit'),
          note,
          ...this.judged(),
        };
      case 'finding':
        return {
          asset: this.asset(),
          duty: this.at('task') === '' ? undefined : this.duty(),
          what: this.at('what'),
          verdict: this.at('verdict'),
          place: this.at('place'),
          days: this.number_('days'),
          note,
        };
      case 'findingClosed':
        return { finding: this.at('finding'), what: this.at('what'), ...work() };
      case 'opened':
      case 'shut':
        return { asset: this.asset(), state: this.at('state'), note };
      case 'event':
        return { trigger: this.at('trigger'), note };
      case 'stockMoved':
        return { supply: this.at('supply'), change: this.number_('quantity') };
      case 'bought':
        return {
          supply: this.at('supply'),
          quantity: this.number_('quantity'),
          cost: this.number_('cost', 10 ** this.home.digits),
        };
      case 'note':
        return { text: note, asset: this.asset() };
    }
  }

  /** Supplies used by work: as many quantities as supplies. */
  private used(): { supply: string; quantity: number }[] | null | undefined {
    const parts = (column: LedgerColumn): string[] =>
      this.at(column)
        .split(BETWEEN.trim())
        .map((part) => part.trim())
        .filter((part) => part !== '');
    const [supplies, quantities] = [parts('supply'), parts('quantity').map(readPlainNumber)];
    if (supplies.length === 0 && quantities.length === 0) return undefined;
    if (supplies.length !== quantities.length || quantities.some((one) => one === null || one < 0))
      return this.wrong('quantity', quantities.length < supplies.length ? 'missing' : 'invalid');
    return supplies.map((supply, place) => ({ supply, quantity: quantities[place] ?? 0 }));
  }

  /** A verdict told in the table is kept as it was told, by no reading in particular. */
  private judged(): Record<string, unknown> {
    const verdict = this.at('verdict');
    return verdict === '' ? {} : { judged: { reading: 'table', verdict } };
  }
}

/** Where a field of a body stands in the table. */
const COLUMN_OF: Readonly<Record<string, LedgerColumn>> = {
  duty: 'task',
  asset: 'thing',
  why: 'note',
  text: 'note',
  change: 'quantity',
  judged: 'verdict',
  used: 'supply',
  ...Object.fromEntries(LEDGER_COLUMNS.map((column) => [column, column])),
};
