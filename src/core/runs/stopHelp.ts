import type { PracticeSystem } from '../practice/lists.ts';
import type { Practice } from '../practice/practice.ts';
import { readingThatFound } from '../ledger/findingWhat.ts';
import { readingOf } from '../readings/all.ts';
import { judge, type Given, type Settled } from '../readings/reading.ts';
import type { Because, Follow, Trade } from '../readings/verdict.ts';

/** Something dangerous that was found: by a measurement, at a look of some work, or as the work it stopped. */
export interface StopFound {
  readonly what: string;
  readonly look: string | null;
  readonly given: Given | null;
  readonly repairs: readonly string[];
}

/** The help at a stop: why, the steps to take now, and whom to call. */
export interface StopHelp {
  readonly why: readonly Because[];
  readonly follows: readonly Follow[];
  /** The stop of the work it was seen at, in the catalogue’s words. */
  readonly says: string | null;
  readonly trade: Trade | null;
  /** The steps to take, in order. */
  readonly response: Practice | null;
}

/** The trade of each system of a house; null where no single one is called. */
const TRADE_OF: Readonly<Record<PracticeSystem, Trade | null>> = {
  air: 'heating',
  cooling: 'cooling',
  heating: 'heating',
  humidity: 'heating',
  alarms: 'electrical',
  water: 'plumbing',
  'evaporative-cooler': 'cooling',
  roof: 'structure',
  ground: 'structure',
  openings: 'structure',
  fires: 'chimney',
  appliances: 'electrical',
  sewage: 'sewage',
  garden: null,
  manufactured: 'structure',
  household: null,
};

/** All that helps at something dangerous, from how it was found. */
export function stopHelp(
  { what, look, given, repairs }: StopFound,
  find: (code: string) => Practice | undefined,
  settledOf: (reading: string) => Settled,
): StopHelp {
  const response =
    repairs.flatMap((code) => find(code) ?? []).find(({ kind }) => kind === 'response') ?? null;
  const code = readingThatFound(what);
  const reading = code === null ? undefined : readingOf(code);
  if (reading && given) {
    const judged = judge(reading, given, settledOf(reading.code));
    if ('outcome' in judged && judged.outcome.kind === 'judged') {
      const { parts, follows } = judged.outcome;
      const why = parts.filter(({ verdict }) => verdict === 'stop').map(({ because }) => because);
      return { why, follows, says: null, trade: null, response };
    }
  }
  const practice = look === null ? undefined : find(look.slice(0, look.indexOf('.')));
  return {
    why: [],
    follows: [],
    says: practice?.judge.stop ?? null,
    trade: practice ? TRADE_OF[practice.system] : null,
    response,
  };
}
