import { createRequire } from 'node:module';
import type * as Rrule from 'rrule';
import {
  civil,
  civilFromDays,
  daysFromCivil,
  toCivilDate,
  toDay,
  type CivilDate,
} from '../src/core/calendar/civilDate.ts';
import { NO_WEATHER } from '../src/core/climate/weather.ts';
import type { House } from '../src/core/house/house.ts';
import type { Entry } from '../src/core/ledger/entry.ts';
import type { Columns } from '../src/core/schedule/horizon/columns.ts';
import { horizonFrom } from '../src/core/schedule/horizon/horizon.ts';
import { replayHouse, type HouseReplay } from '../src/core/schedule/replay/replayHouse.ts';
import type { Rule } from '../src/core/practice/rule.ts';
import { leastMs, ms, times, type Ratio } from './ratio.ts';

// The library's package names its modules so that Node cannot import what it exports by name.
const { RRule } = createRequire(import.meta.url)('rrule') as typeof Rrule;

const START = civil('2026-11-20');
const END = civil('2036-11-20');
const DUTIES = 60;
const RUNS = 60;

/** A rule of ours and the same one for the peer; a plain step in months where there is one. */
interface Pair {
  readonly rule: Rule;
  readonly recurrence: Rrule.RRule;
  readonly months: number | null;
}

const at = (date: CivilDate): Date => new Date(`${date}T00:00:00Z`);
/** A copy expanded once would only be copied the next time. */
const NO_CACHE = true;
const options = { dtstart: at(START), until: at(END) };

const monthly = (count: number): Pair => ({
  rule: { kind: 'interval', every: { unit: 'months', count } },
  recurrence: new RRule({ ...options, freq: RRule.MONTHLY, interval: count }, NO_CACHE),
  months: count,
});
const weekly = (count: number): Pair => ({
  rule: { kind: 'interval', every: { unit: 'weeks', count } },
  recurrence: new RRule({ ...options, freq: RRule.WEEKLY, interval: count }, NO_CACHE),
  months: null,
});
const dates: Pair = {
  rule: { kind: 'dates', monthDays: ['04-15', '10-15'] },
  recurrence: new RRule({ ...options, freq: RRule.YEARLY, bymonth: [4, 10], bymonthday: 15 }, NO_CACHE),
  months: null,
};
const autumnClock: Pair = {
  rule: { kind: 'clockChange', on: 'autumn' },
  recurrence: new RRule(
    { ...options, freq: RRule.YEARLY, bymonth: 11, byweekday: RRule.SU.nth(1) },
    NO_CACHE,
  ),
  months: null,
};

const KINDS: readonly Pair[] = [
  monthly(1),
  monthly(2),
  monthly(3),
  monthly(6),
  monthly(12),
  weekly(1),
  weekly(2),
  dates,
  autumnClock,
];
const PAIRS = Array.from({ length: DUTIES }, (_, index): Pair => KINDS[index % KINDS.length] ?? monthly(1));

/** One house with all of them: adopted and done on the first day. */
const entry = (id: string, body: Entry['body']): Entry => ({
  id,
  date: START,
  stampedAt: `${START}T12:00:00.000Z`,
  by: 'p',
  body,
});
const HOUSE: House = {
  home: {
    id: 'h',
    name: 'Bench',
    units: 'us',
    vocabulary: 'en-US',
    currency: 'USD',
    zone: 'America/Chicago',
    hemisphere: 'north',
  },
  spaces: [],
  assets: [{ id: 'a', kind: 'other', name: 'Thing' }],
  duties: PAIRS.map((_, index) => ({
    id: `d${index}`,
    asset: 'a',
    practice: { from: 'home', title: 'Work', lifeSafety: false },
  })),
};
const ENTRIES = PAIRS.flatMap(({ rule }, index): Entry[] => [
  entry(`a${index}`, {
    kind: 'adopted',
    duty: `d${index}`,
    terms: { school: null, rule, factors: [], doer: 'self' },
  }),
  entry(`b${index}`, { kind: 'done', duty: `d${index}` }),
]);
const AROUND = { find: () => undefined, weather: NO_WEATHER };
const replayed = (): HouseReplay => replayHouse(HOUSE, ENTRIES, START, AROUND);
const stepped = (from: HouseReplay): Columns => horizonFrom(from, HOUSE, END);

/** Each duty's own dates. */
function ours(): CivilDate[][] {
  const byDuty = new Map(HOUSE.duties.map(({ id }): [string, CivilDate[]] => [id, []]));
  for (const { dutyId, occurrence } of stepped(replayed()).all())
    byDuty.get(dutyId)?.push(occurrence.window.due);
  return [...byDuty.values()];
}

/** Every date from the ledger on, in order, each with its key, its window and every reason. */
function explained(): number {
  const columns = stepped(replayed());
  let reasons = 0;
  for (const row of columns.inOrder()) reasons += columns.occurrence(row).reasons.length;
  return reasons;
}

const theirs = (): Date[][] => PAIRS.map(({ recurrence }) => recurrence.all());
const asCivil = (date: Date): CivilDate => toCivilDate(Math.floor(date.getTime() / 86_400_000));

/** Integer days and nothing else: no windows, no reasons, no history. The floor of what such a loop can cost. */
function plain(): number {
  let sum = 0;
  const end = toDay(END);
  for (const { months } of PAIRS) {
    const step = months ?? 1;
    const { year, month, day } = civilFromDays(toDay(START));
    for (let index = month - 1 + step, due = 0; due <= end; index += step) {
      due = daysFromCivil(year + Math.floor(index / 12), (index % 12) + 1, day);
      sum += due;
    }
  }
  return sum;
}

/** The same windows, nothing explained. None of these rules is used up by being stepped. */
const bareOf = (from: HouseReplay) => () => {
  if (stepped(from).inOrder().length === 0) throw new Error('nothing was stepped to');
};

/** Due dates of 60 duties over ten years, windows and reasons included, against a recurrence library and bare integers. */
export function benchDueDates(): Ratio[] {
  const [mine, peers] = [ours(), theirs()];
  mine.forEach((found, index) => {
    const theirsFrom = peers[index]?.map(asCivil).filter((date) => date > START);
    if (found.join() !== theirsFrom?.join()) {
      throw new Error(`duty ${index}: the two disagree: ${found.join()} / ${theirsFrom?.join()}`);
    }
  });
  const [own, library, integers] = [leastMs(explained, RUNS), leastMs(theirs, RUNS), leastMs(plain, RUNS)];
  const bare = leastMs(bareOf(replayed()), RUNS);
  const count = mine.flat().length;
  return [
    {
      what: `${count} due dates (${DUTIES} duties, 10 years), with reasons, against rrule`,
      ours: ms(own),
      peer: ms(library),
      ratio: `${times(library / own)} as fast`,
      aim: '10× as fast',
    },
    {
      what: 'the same stepped from the rule states, windows in order, nothing explained, against rrule',
      ours: ms(bare),
      peer: ms(library),
      ratio: `${times(library / bare)} as fast`,
      aim: '50× as fast',
    },
    {
      what: 'the same against plain integer-day arithmetic, no windows, no order',
      ours: ms(bare),
      peer: ms(integers),
      ratio: `${times(bare / integers)} the time`,
      aim: 'told, no aim',
    },
  ];
}
