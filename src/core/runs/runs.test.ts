import fc from 'fast-check';
import { beforeAll, describe, expect, it } from 'vitest';
import { DEMO_HOMES } from '../../demo/data/homes.ts';
import { demoOn } from '../../../test/support/demoHouses.ts';
import { civil, type CivilDate } from '../calendar/civilDate.ts';
import { PRACTICES } from '../catalogue/catalogue.ts';
import type { HouseFile } from '../formats/houseFileShape.ts';
import { knownHouse } from '../ledger/knownHouse.ts';
import { entryBodySchema } from '../ledger/entry.ts';
import { TRADES } from '../readings/verdict.ts';
import { REFUSALS } from './data/refusals.ts';
import { finishRun, type Finishing } from './finishRun.ts';
import { gatheringOf, type GatherFrom } from './gather.ts';
import { nextItem, otherWays, waitsFor } from './order.ts';
import { planDuties, planRound, type RunHouse } from './planRun.ts';
import { ROUND_CODES } from '../basics/roundCode.ts';
import { autumnClosing } from './data/seasons.ts';
import { ROUNDS } from './rounds.ts';
import {
  isSettled,
  NEW_ITEM,
  runStateSchema,
  stateOf,
  withItem,
  type ItemState,
  type RunState,
} from './runState.ts';

const DAY = civil('2026-11-24');
const find = (code: string) => PRACTICES.find((one) => one.code === code);
/** Everything is outstanding. */
const order = { find, isDue: () => true };
let files: HouseFile[] = [];
beforeAll(() => {
  files = DEMO_HOMES.map((demo) => demoOn(demo, DAY));
});

function houseOf(file: HouseFile, retired: readonly string[] = []): RunHouse {
  const known = knownHouse(file, file.entries, DAY);
  const standing = new Set(known.assets.map(({ id }) => id));
  return {
    house: file,
    gone: file.assets.flatMap(({ id }) => (standing.has(id) ? [] : [id])),
    retired,
    find,
    fits: () => true,
  };
}
const first = (): HouseFile => {
  const [file] = files;
  if (!file) throw new Error('no demo home');
  return file;
};
const autumn = (): RunState => planRound(autumnClosing, houseOf(first()));
const itemOf = (run: RunState, practice: string, row?: number) => {
  const found = run.items.find(
    (item) => item.practice === practice && (row === undefined || item.row === row),
  );
  if (!found) throw new Error(`the run has no ${practice}`);
  return found;
};

describe('the rounds', () => {
  it('are as many as are named, of practices there are, each row after rows of its own round', () => {
    expect(ROUNDS.map(({ code }) => code).sort()).toEqual([...ROUND_CODES].sort());
    for (const { code, rows } of ROUNDS)
      for (const { row, practices, after } of rows) {
        for (const practice of practices) expect(find(practice), `${code}: ${practice}`).toBeDefined();
        for (const before of after)
          expect(rows.some((one) => one.row === before) && before !== row, `${code} ${row}`).toBe(true);
      }
  });

  it('never wait in a circle, so that whatever one does a round can be finished', () => {
    for (const file of files)
      for (const round of ROUNDS) {
        let run = planRound(round, houseOf(file));
        for (let turns = run.items.length; turns > 0; turns -= 1) {
          const next = nextItem(run, order);
          expect(
            next && waitsFor(run, next, order).map(({ item }) => item.key),
            `${round.code} ${next?.key ?? ''}`,
          ).toEqual([]);
          if (next) run = withItem(run, next.key, { status: 'done' });
        }
        expect(nextItem(run, order)).toBeNull();
      }
  });

  it('leave out what a house does not have, and what is given up', () => {
    const run = autumn();
    expect(run.items.some(({ practice }) => practice === 'evaporative-cooler-shut')).toBe(false);
    const tap = itemOf(run, 'outdoor-tap-shut-and-drain');
    const without = planRound(autumnClosing, houseOf(first(), tap.duties));
    expect(without.items.some(({ key }) => key === tap.key)).toBe(false);
    expect(runStateSchema.safeParse(run).success).toBe(true);
  });

  it('only book what is booked: the visit itself is another row', () => {
    const run = autumn();
    expect(itemOf(run, 'irrigation-winterise', 1)).toMatchObject({ books: true, duties: [] });
    expect(itemOf(run, 'irrigation-winterise', 19).duties).toHaveLength(1);
  });
});

describe('the order', () => {
  it('the outside tap waits for its hose, and says why', () => {
    const run = autumn();
    const tap = itemOf(run, 'outdoor-tap-shut-and-drain');
    const [wait] = waitsFor(run, tap, order);
    expect(wait?.item.practice).toBe('hose-disconnect');
    expect(wait?.because).toBe('A hose keeps them from draining.');
    const done = withItem(run, itemOf(run, 'hose-disconnect').key, { status: 'done' });
    expect(waitsFor(done, tap, order)).toEqual([]);
  });

  it('of some duties together, what must come first comes first', () => {
    const duties = first().duties.filter(
      ({ practice }) =>
        practice.from === 'catalogue' &&
        ['outdoor-tap-shut-and-drain', 'hose-disconnect'].includes(practice.code),
    );
    const run = planDuties(
      duties.map(({ id }) => id),
      'Two',
      houseOf(first()),
    );
    expect(run.items.map(({ practice }) => practice)).toEqual([
      'hose-disconnect',
      'outdoor-tap-shut-and-drain',
    ]);
  });

  it('another way of the same group is offered where one cannot be done', () => {
    const item = { ...itemOf(autumn(), 'hose-disconnect'), practice: 'condensate-line-vacuum' };
    expect(otherWays(item, PRACTICES)).toContain('condensate-line-brush');
    expect(otherWays({ ...item, practice: 'gfci-test' }, PRACTICES)).toEqual([]);
  });
});

const EVERYTHING_DUE: GatherFrom = {
  find,
  factsOf: () => ({}),
  isDue: () => true,
  isFirst: () => false,
  stock: new Map(),
};

it('what is gathered is each tool once, supplies added up, and whether a second person is needed', () => {
  const { tools, supplies, helper, minutes } = gatheringOf(autumn(), EVERYTHING_DUE);
  expect(new Set(tools).size).toBe(tools.length);
  expect(supplies.find(({ supply }) => supply === 'humidifier-pad')?.quantity).toBe(1);
  expect(helper).toBe(true);
  expect(minutes).toBeGreaterThan(300);
  // A cell now and then is a part of one a time; nobody can fetch a part of one.
  for (const { supply, quantity } of supplies)
    expect(quantity === null || Number.isInteger(quantity), supply).toBe(true);
});

it('work that never falls due by itself stands in a checklist only where it may be needed', () => {
  const advice = (fits: RunHouse['fits']) =>
    ROUNDS.flatMap((round) => planRound(round, { ...houseOf(first()), fits }).items).filter(
      ({ duties, books }) => duties.length === 0 && !books,
    );
  const all = advice(() => true);
  expect(all.length).toBeGreaterThan(0);
  expect(advice(() => false)).toEqual([]);
  const [some] = all;
  expect(
    advice(({ code }) => code === some?.practice).every(({ practice }) => practice === some?.practice),
  ).toBe(true);
});

describe('the supplies of a checklist', () => {
  const gathered = (run: RunState, from: Partial<GatherFrom>) =>
    gatheringOf(run, { ...EVERYTHING_DUE, ...from }).supplies;

  it('are for what is due alone, and none of them for what nobody has found', () => {
    expect(gathered(autumn(), { isDue: () => false })).toEqual([]);
    const responses = PRACTICES.filter(({ kind }) => kind === 'response').map(({ code }) => code);
    const withResponses = autumn().items.filter(({ practice }) => responses.includes(practice ?? ''));
    expect(gathered({ ...autumn(), items: withResponses }, {})).toEqual([]);
  });

  it('are counted at their size, beside what is in stock', () => {
    const item = (assets: string[]) => ({
      ...itemOf(autumn(), 'humidifier-pad-replace'),
      practice: 'air-filter-panel-replace',
      assets,
      duties: assets.map((id) => `filter-${id}`),
    });
    const sizes: Record<string, string> = { up: '20 × 25 × 1', down: '16 × 20 × 1', hall: '20 × 25 × 1' };
    const run = { ...autumn(), items: [item(['up', 'down', 'hall'])] };
    const from = {
      factsOf: (asset: string) => ({ size: sizes[asset] ?? null }),
      stock: new Map([['filter-panel', 1]]),
    };
    expect(gathered(run, from)).toEqual([
      { supply: 'filter-panel', size: '20 × 25 × 1', quantity: 2, stock: 1 },
      { supply: 'filter-panel', size: '16 × 20 × 1', quantity: 1, stock: 1 },
    ]);
  });

  it('the first dose is two a ton, later ones one; an unknown count is not guessed', () => {
    const tablets = {
      ...itemOf(autumn(), 'humidifier-pad-replace'),
      practice: 'condensate-pan-tablets',
      assets: ['drain'],
      duties: ['tablets'],
    };
    const run = { ...autumn(), items: [tablets] };
    const of = (tons: number | null, first: boolean) =>
      gathered(run, { factsOf: () => ({ tons }), isFirst: () => first }).map(({ quantity }) => quantity);
    expect([of(4, true), of(4, false), of(null, true)]).toEqual([[8], [4], [null]]);
  });
});

describe('what a run leaves', () => {
  let made = 0;
  const at: Finishing = {
    today: DAY,
    makeId: () => `entry-${(made += 1)}`,
    occurrenceOf: () => undefined,
    settledOf: () => ({}),
    titleOf: ({ practice }) => practice ?? 'own',
  };
  const left = (practice: string, state: Partial<ItemState>, row?: number) => {
    const run = autumn();
    const item = itemOf(run, practice, row);
    return finishRun(withItem(run, item.key, state), at);
  };

  it('is nothing for what stayed open, and an entry a duty on its own day for what was done', () => {
    expect(finishRun(autumn(), at)).toEqual([]);
    const entries = left('smoke-alarm-test', {
      status: 'done',
      date: civil('2026-11-20'),
      minutes: 10,
      note: ' all sound ',
    });
    expect(entries.map(({ date }) => date)).toEqual(Array(4).fill('2026-11-20'));
    expect(entries.map(({ body }) => 'minutes' in body && body.minutes)).toEqual([3, 3, 2, 2]);
    expect(entries[0]?.body).toMatchObject({ kind: 'done', note: 'all sound' });
  });

  it('a visit booked is a note; what was left out is skipped with its reason; what cannot be done is told', () => {
    expect(left('irrigation-winterise', { status: 'done', note: 'for 2 October' }, 1)).toMatchObject([
      { body: { kind: 'note', text: 'irrigation-winterise: for 2 October' } },
    ]);
    expect(left('hose-disconnect', { status: 'skipped', why: 'no hose this year' })).toMatchObject([
      { body: { kind: 'skipped', why: 'no hose this year' } },
    ]);
    expect(left('hose-disconnect', { status: 'impossible', why: 'stuck' })).toMatchObject([
      { body: { kind: 'note', text: 'hose-disconnect: stuck' } },
    ]);
  });

  it('a reading with its verdict, and one finding for a stop, told with what was done about it', () => {
    const given = { tap: { value: 145, unit: 'F' }, 'ran-a-minute': true };
    const asset = itemOf(autumn(), 'water-heater-temperature-set').assets[0] ?? '';
    const entries = left('water-heater-temperature-set', {
      status: 'stopped',
      why: 'dial turned down, plumber called',
      readings: [{ step: 1, asset, reading: 'tap-temperature', given, date: DAY }],
    });
    expect(entries.map(({ body }) => body.kind)).toEqual(['reading', 'finding']);
    expect(entries[0]?.body).toMatchObject({ value: 145, unit: 'F', judged: { verdict: 'stop' } });
    expect(entries[1]?.body).toMatchObject({
      verdict: 'stop',
      days: 0,
      reading: entries[0]?.id,
      note: 'dial turned down, plumber called',
    });
  });

  it('is always what the ledger takes, none of it later than today', () => {
    const statuses = ['open', 'done', 'skipped', 'impossible', 'stopped'] as const;
    const state = fc.record({
      status: fc.constantFrom(...statuses),
      minutes: fc.option(fc.integer({ min: 0, max: 500 })),
      note: fc.string({ maxLength: 30 }),
      why: fc.oneof(fc.string({ maxLength: 30 }), fc.constant('  ')),
      date: fc.constantFrom<CivilDate | null>(null, DAY, civil('2026-11-02')),
    });
    const base = autumn();
    fc.assert(
      fc.property(
        fc.array(state, { minLength: base.items.length, maxLength: base.items.length }),
        (states) => {
          const run = base.items.reduce(
            (sofar, { key }, place) => withItem(sofar, key, { ...NEW_ITEM, ...states[place] }),
            base,
          );
          const entries = finishRun(run, at);
          for (const { body, date } of entries) {
            expect(entryBodySchema.safeParse(body).error?.issues ?? []).toEqual([]);
            expect(date <= DAY).toBe(true);
          }
          const done = run.items
            .filter((item) => stateOf(run, item.key).status === 'done')
            .flatMap(({ duties }) => duties);
          expect(entries.filter(({ body }) => body.kind === 'done')).toHaveLength(done.length);
          expect(
            run.items.every(
              ({ key }) => isSettled(stateOf(run, key)) === (stateOf(run, key).status !== 'open'),
            ),
          ).toBe(true);
        },
      ),
      { numRuns: 40 },
    );
  });
});

it('every refusal names a trade, and stands at work there is', () => {
  for (const { code, trade, stands } of REFUSALS) {
    expect(TRADES).toContain(trade);
    expect(
      stands.filter((practice) => !find(practice)),
      code,
    ).toEqual([]);
  }
});
