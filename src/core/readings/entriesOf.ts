import { makeBody } from '../ledger/write/makeBody.ts';
import type { CivilDate } from '../calendar/civilDate.ts';
import type { EntryBody } from '../ledger/entry.ts';
import { foundByReading } from '../ledger/findingWhat.ts';
import type { Quantity } from '../units/quantity.ts';
import type { Given, Reading } from './reading.ts';
import type { Figure, Outcome } from './verdict.ts';

type Judged = Extract<Outcome, { kind: 'judged' }>;
type ReadingBody = Extract<EntryBody, { kind: 'reading' }>;
type FindingBody = Extract<EntryBody, { kind: 'finding' }>;

/** Days until what is only watched is looked at again, where the reading does not say. */
const WATCH_DAYS = 30;

/** Beside a reading: a note, and what the same read before the work of the day. */
export interface ReadBeside {
  readonly note?: string | undefined;
  readonly before?: Answer | undefined;
}

/** The entries of a judged reading of a thing: its values with the verdict, and what is to be put right, if anything. */
export function entriesOf(
  reading: Reading,
  asset: string,
  { given, outcome }: Answer,
  { note, before }: ReadBeside = {},
): { readonly readings: readonly ReadingBody[]; readonly finding: FindingBody | null } {
  const judged = outcome.kind === 'judged' ? judgedOf(reading, outcome) : undefined;
  const part = partOf(reading, given);
  const readings = Object.entries(reading.recorded?.measures ?? {}).flatMap(
    ([measure, { from }]): ReadingBody[] => {
      const quantity = valueOf(from, given, outcome);
      if (!quantity) return [];
      const was = before && valueOf(from, before.given, before.outcome);
      return [
        makeBody('reading', {
          asset,
          measure,
          ...quantity,
          ...(part !== null && { part }),
          ...(was && { before: was }),
          ...(judged && { judged }),
          given: keptGiven(given),
          ...(note !== undefined && { note }),
        }),
      ];
    },
  );
  if (outcome.kind !== 'judged') return { readings, finding: null };
  // A reading without a value is kept as its finding, sound or not.
  const found = findingOf(reading, asset, given, outcome, note);
  return { readings, finding: found.days === undefined && readings.length > 0 ? null : found };
}

function judgedOf(reading: Reading, { verdict, school, days }: Judged): ReadingBody['judged'] {
  return {
    reading: reading.code,
    verdict,
    ...(school !== null && { school }),
    ...(days !== null && { days }),
  };
}

/** Which part of its thing a reading was taken at; null for the whole of it. */
export function partOf({ recorded, fields }: Reading, given: Given): string | null {
  const code = recorded?.part;
  if (code === undefined) return null;
  const field = fields[code];
  const said = given[code] ?? (field?.kind === 'choice' ? field.otherwise : undefined);
  return typeof said === 'string' ? said : null;
}

/** Anything but sound is work of its own until it is closed: a stop at once, an act within its days, a watch to be looked at again. */
function findingOf(
  reading: Reading,
  asset: string,
  given: Given,
  outcome: Judged,
  note?: string,
): FindingBody {
  const { verdict } = outcome;
  const part = partOf(reading, given);
  const again = outcome.follows.find((follow) => follow.kind === 'retest');
  const days =
    verdict === 'stop' ? 0 : (outcome.days ?? (again?.kind === 'retest' ? again.days : WATCH_DAYS));
  const answeredBy = outcome.follows.flatMap((follow) =>
    follow.kind === 'duty' && follow.answers ? [follow.practice] : [],
  );
  return makeBody('finding', {
    asset,
    what: foundByReading(reading.code),
    verdict,
    ...(verdict !== 'sound' && { days }),
    ...(answeredBy.length > 0 && { answeredBy }),
    ...(part !== null && { part }),
    given: keptGiven(given),
    ...(note !== undefined && { note }),
  });
}

function valueOf(code: string, given: Given, outcome: Outcome): Quantity | null {
  const entered = given[code];
  if (typeof entered === 'object') return entered;
  if (typeof entered === 'number') return { value: entered, unit: 'count' };
  const figures: readonly Figure[] =
    outcome.kind === 'judged'
      ? [
          ...outcome.figures,
          ...outcome.parts.flatMap(({ because }) => (because.figure ? [because.figure] : [])),
        ]
      : outcome.figures;
  const found = figures.find((figure) => figure.code === code);
  return found ? { value: found.value, unit: found.unit === '' ? 'grade' : found.unit } : null;
}

/** The input without the empty fields. */
const keptGiven = (given: Given): NonNullable<ReadingBody['given']> =>
  Object.fromEntries(
    Object.entries(given).flatMap(([code, value]) => (value === undefined ? [] : [[code, value]])),
  );

/** The input and its judgement. */
export interface Answer {
  readonly given: Given;
  readonly outcome: Outcome;
}

/** The entries a reading writes on a day: its values, and the finding it leads to, which names the first of them. */
export function readingEntries(
  reading: Reading,
  asset: string,
  answer: Answer,
  { date, makeId, ...beside }: ReadBeside & { readonly date: CivilDate; readonly makeId: () => string },
): { date: CivilDate; body: EntryBody; id: string }[] {
  const { readings, finding } = entriesOf(reading, asset, answer, beside);
  const written = readings.map((body) => ({ date, body, id: makeId() }));
  const [first] = written;
  if (!finding) return written;
  const body: EntryBody = { ...finding, ...(first && { reading: first.id }) };
  return [...written, { date, body, id: makeId() }];
}
