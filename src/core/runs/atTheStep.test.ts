import { beforeEach, describe, expect, it } from 'vitest';
import type { FactValue } from '../basics/factValue.ts';
import { civil } from '../calendar/civilDate.ts';
import { findPractice } from '../catalogue/catalogue.ts';
import type { Asset } from '../house/house.ts';
import type { Entry } from '../ledger/entry.ts';
import { openFindings } from '../ledger/findings.ts';
import type { House } from '../house/house.ts';
import { seriesOf } from '../readings/series.ts';
import { finishRun } from './finishRun.ts';
import { waitsFor } from './order.ts';
import { readBefore, readInRun, valueRead, type Read } from './readInRun.ts';
import { NEW_ITEM, type RunState } from './runState.ts';
import { stepFacts } from './stepFacts.ts';
import { stopHelp } from './stopHelp.ts';

const DAY = civil('2026-11-27');
const none = () => ({});

const split = (supply: number, step = 0): Read => ({
  step,
  asset: 'cooling',
  reading: 'temperature-split',
  given: {
    return: { value: 75, unit: 'F' },
    supply: { value: supply, unit: 'F' },
    running: { value: 20, unit: 'min' },
    outdoors: { value: 85, unit: 'F' },
    placed: true,
  },
  date: DAY,
});
const humidity = (floor: string, high: number): Read => ({
  step: 1,
  asset: 'humidifier',
  reading: 'winter-humidity',
  given: {
    floor,
    high: { value: high, unit: '%' },
    low: { value: high, unit: '%' },
    hours: { value: 30, unit: 'h' },
    'lowest-ahead': { value: 0, unit: 'C' },
    control: 4,
  },
  date: DAY,
});

function runWith(readings: Read[]): RunState {
  const item = {
    key: 'one',
    row: 0,
    practice: 'x',
    books: false,
    duties: [],
    assets: ['cooling'],
  };
  return {
    version: 1,
    round: null,
    title: 'x',
    items: [item],
    states: { one: { ...NEW_ITEM, status: 'done', readings } },
    gathered: [],
    begun: true,
    at: null,
    stop: null,
  };
}

let made = 0;
let ledger: Entry[] = [];
beforeEach(() => {
  ledger = [];
});
function finish(readings: Read[]): void {
  const written = finishRun(runWith(readings), {
    today: DAY,
    makeId: () => `entry-${(made += 1)}`,
    occurrenceOf: () => undefined,
    settledOf: none,
    titleOf: () => 'x',
  });
  for (const entry of written)
    ledger.push({ ...entry, batch: `run-${made}`, stampedAt: `${DAY}T12:00:00.000Z`, by: 'someone' });
}
const measured = (measure: string) =>
  ledger.flatMap(({ body }) => (body.kind === 'reading' && body.measure === measure ? [body] : []));
const house = {
  assets: [
    { id: 'humidifier', kind: 'humidifier', name: 'Humidifier' },
    { id: 'cooling', kind: 'cooling', name: 'Cooling' },
  ],
  duties: [],
} as unknown as House;

describe('measured before and after the work', () => {
  it('the two are a pair in the record, and the problem of the first is closed by the second', () => {
    finish([split(65), split(55, 3)]);
    expect(measured('temperature-split')).toMatchObject([
      { value: 10 },
      { value: 20, before: { value: 10 } },
    ]);
    expect(measured('temperature-split')[0]).not.toHaveProperty('before');
    expect(openFindings(ledger, DAY, house)).toEqual([]);
  });

  it('another floor is no second of a pair: each has its own series and its own problem', () => {
    finish([humidity('ground', 38), humidity('upper', 75)]);
    const values = measured('indoor-humidity');
    expect(values.map(({ part, value }) => [part, value])).toEqual([
      ['ground', 38],
      ['upper', 75],
    ]);
    expect(values.some(({ before }) => before !== undefined)).toBe(false);
    expect(openFindings(ledger, DAY, house)).toMatchObject([{ part: 'upper', verdict: 'act' }]);
    expect(seriesOf(house, ledger, DAY).map(({ measure, part }) => `${measure} ${part}`)).toEqual([
      'indoor-humidity ground',
      'humidifier-control ground',
      'indoor-humidity upper',
      'humidifier-control upper',
    ]);
    finish([humidity('ground', 38)]);
    expect(openFindings(ledger, DAY, house)).toHaveLength(1);
    finish([humidity('upper', 38)]);
    expect(openFindings(ledger, DAY, house)).toEqual([]);
  });

  it('what a problem was found from is kept with it', () => {
    finish([humidity('upper', 75)]);
    const [problem] = openFindings(ledger, DAY, house);
    expect(problem?.given).toMatchObject({ floor: 'upper', high: { value: 75, unit: '%' } });
  });

  it('in the run already the first is known to the second, and to what is filled in', () => {
    const reads = [split(65), humidity('ground', 38), split(55, 3)];
    expect(readBefore(reads, 2)).toBe(reads[0]);
    expect(readBefore(reads, 0)).toBeNull();
    expect(valueRead(split(55), none)).toEqual({ value: 20, unit: 'dF' });
    expect(readInRun(runWith([split(65)]), DAY)).toMatchObject([
      { asset: 'cooling', measure: 'temperature-split', given: { placed: true } },
    ]);
  });
});

describe('the facts a step needs', () => {
  const alarm: Asset = { id: 'alarm', kind: 'smoke-alarm', name: 'Alarm' };
  const furnace: Asset = { id: 'furnace', kind: 'furnace', name: 'Furnace' };
  const all: Asset[] = [
    furnace,
    { id: 'main', kind: 'water-main', name: 'Main' },
    { id: 'gas', kind: 'gas-supply', name: 'Gas' },
    { id: 'panel', kind: 'panel', name: 'Panel' },
  ];
  const facts: Record<string, Record<string, FactValue>> = {
    alarm: { cell: '9V' },
    furnace: { fuel: 'gas', shutoff: 'switch', 'shutoff-place': 'On the stair' },
    gas: { 'shutoff-place': 'At the meter', shutoff: 'key' },
  };
  const factsOf = (id: string) => facts[id] ?? {};
  const practiceOf = (code: string) => {
    const practice = findPractice(code);
    if (!practice) throw new Error(`no ${code}`);
    return practice;
  };

  it('are those it names, with what nobody has noted yet', () => {
    const swap = practiceOf('smoke-alarm-battery-swap');
    const place = swap.steps.findIndex(({ facts: named }) => named?.includes('cell'));
    expect(stepFacts(swap, place, [alarm], all, factsOf)).toMatchObject([
      { fact: 'cell', value: '9V' },
      { fact: 'cells', value: null },
    ]);
  });

  it('before the first step: where the power and the gas of this thing are shut off, each once', () => {
    const tuneUp = practiceOf('furnace-annual-tune-up');
    const shown = stepFacts(tuneUp, 0, [furnace], all, factsOf).map(({ asset, fact }) => `${asset} ${fact}`);
    expect(shown).toEqual(['furnace shutoff-place', 'furnace shutoff', 'gas shutoff-place', 'gas shutoff']);
    expect(stepFacts(tuneUp, 1, [furnace], all, factsOf)).toEqual([]);
  });
});

describe('waiting for another item', () => {
  const item = (key: string, practice: string, duties: string[], row = 0) => ({
    key,
    row,
    practice,
    books: false,
    duties,
    assets: [key],
  });
  const tap = item('tap', 'outdoor-tap-shut-and-drain', ['tap-duty'], 1);
  const hose = item('hose', 'hose-disconnect', ['hose-duty']);
  const run: RunState = { ...runWith([]), items: [hose, tap], states: {} };
  const find = (code: string) =>
    code === 'outdoor-tap-shut-and-drain'
      ? { ...(findPractice(code) as never as object), after: ['hose-disconnect'] }
      : findPractice(code);

  it('is asked for only where that one is outstanding', () => {
    const from = (due: boolean) => ({ find: find as typeof findPractice, isDue: () => due });
    expect(waitsFor(run, tap, from(true)).map(({ item: { key } }) => key)).toEqual(['hose']);
    expect(waitsFor(run, tap, from(false))).toEqual([]);
    // Of the same tap it is asked for all the same.
    const sameTap = { ...hose, assets: ['tap'] };
    const together = { ...run, items: [sameTap, tap] };
    expect(waitsFor(together, tap, from(false)).map(({ item: { key } }) => key)).toEqual(['hose']);
  });
});

describe('the help at a stop', () => {
  it('says for a measurement why, what to do now and whom to call', () => {
    const found = {
      what: 'reading.gas-flame',
      look: null,
      given: { burner: 'furnace', flame: 'orange' },
      repairs: [],
    };
    const help = stopHelp(found, findPractice, none);
    expect(help.why.map(({ code }) => code)).toEqual(['flame-orange']);
    expect(help.follows).toContainEqual({ kind: 'trade', trade: 'heating' });
  });

  it('says for what was seen when to stop, who is called, and the response of the catalogue', () => {
    const found = {
      what: 'A smell of gas',
      look: 'furnace-annual-tune-up.smell',
      given: null,
      repairs: ['gas-smell-response'],
    };
    const help = stopHelp(found, findPractice, none);
    expect(help.says).toContain('leave it off');
    expect(help.trade).toBe('heating');
    expect(help.response?.code).toBe('gas-smell-response');
  });

  it('has nothing of its own for work that somebody stopped', () => {
    const found = { what: 'Clean the gutters', look: null, given: null, repairs: [] };
    expect(stopHelp(found, findPractice, none)).toEqual({
      why: [],
      follows: [],
      says: null,
      trade: null,
      response: null,
    });
  });
});
