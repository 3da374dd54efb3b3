import { beforeAll, describe, expect, test } from 'vitest';
import { civil } from '../core/calendar/civilDate.ts';
import { houseFileSchema } from '../core/formats/houseFile.ts';
import { ageingOf } from '../core/house/expectedLife.ts';
import { fitsSpec } from '../core/house/factSpec.ts';
import { specOf } from '../core/house/factsOfKind.ts';
import { knownHouse } from '../core/ledger/knownHouse.ts';
import { traitFits } from '../core/house/traitSpec.ts';
import { project } from '../core/schedule/project.ts';
import { standingOf } from '../../test/support/seasonStates.ts';
import { demoOn } from '../../test/support/demoHouses.ts';
import { around } from '../../test/support/surroundings.ts';
import { DEMO_HOMES } from './data/homes.ts';
import { isSettled, runStateSchema, stateOf } from '../core/runs/runState.ts';
import { leftHalfWay } from './extras.ts';
import type { DemoHome } from './demoHome.ts';
import { demoHouse } from './history.ts';

const DAYS = ['2026-11-24', '2027-02-28', '2028-07-14'].map(civil);
const DAY = civil('2026-11-24');
const loaded = (demo: DemoHome) => demoOn(demo, DAY);

// Two years of every home are played before the tests: none of them waits for it.
beforeAll(() => {
  for (const demo of DEMO_HOMES) for (const day of DAYS) demoOn(demo, day);
});

describe.each(DEMO_HOMES.map((demo) => [demo.home.name, demo] as const))(
  'the demo home %s',
  (_name, demo) => {
    test.each(DAYS)('loaded on %s is a sound house file with nothing dated later', (day) => {
      const file = demoOn(demo, day);
      expect(houseFileSchema.safeParse(file).error?.issues ?? []).toEqual([]);
      expect(file.entries.every(({ date }) => date <= day)).toBe(true);
    });

    test('loaded on the same day is the same file', () => {
      expect(demoHouse(demo, DAY)).toEqual(loaded(demo));
    });

    test('has been kept believably: done many times, now and then late, never in vain', () => {
      const file = loaded(demo);
      const { duties } = project(file, file.entries, DAY, around(file, DAY));
      const satisfied = duties.flatMap((duty) => duty.satisfied);
      expect(satisfied.length).toBeGreaterThan(100);
      expect(satisfied.filter(({ daysLate }) => daysLate > 0).length).toBeGreaterThan(20);
      expect(duties.every(({ extras }) => extras.length === 0)).toBe(true);
      expect(duties.some(({ occurrence }) => occurrence !== null && occurrence.window.latest < DAY)).toBe(
        true,
      );
    });

    test('tells of its things and itself only what can be told of them', () => {
      const file = loaded(demo);
      for (const { kind, id, facts = {} } of file.assets)
        for (const [code, value] of Object.entries(facts)) {
          const spec = specOf(kind, code);
          expect(spec, `${id}: ${code}`).toBeDefined();
          expect(spec && fitsSpec(spec, value), `${id}: ${code} ${String(value)}`).toBe(true);
        }
      for (const [trait, value] of Object.entries(demo.traits))
        expect(traitFits(trait, value), trait).toBe(true);
    });
  },
);

describe('what the demo homes have to show', () => {
  const files = DEMO_HOMES.map(loaded);
  const some = (holds: (file: (typeof files)[number]) => boolean): boolean => files.some(holds);
  const kinds = new Set(files.flatMap(({ entries }) => entries.map(({ body }) => body.kind)));

  test('both halves of the world, both wordings, both systems of units', () => {
    const homes = DEMO_HOMES.map(({ home }) => home);
    expect(new Set(homes.map(({ hemisphere }) => hemisphere)).size).toBe(2);
    expect(new Set(homes.map(({ vocabulary }) => vocabulary)).size).toBe(2);
    expect(new Set(homes.map(({ units }) => units)).size).toBe(2);
    expect(new Set(homes.map(({ climate }) => climate?.station)).size).toBe(homes.length);
  });

  test('readings, findings, corrections, a replaced thing', () => {
    for (const kind of ['reading', 'finding', 'amends', 'voids', 'replaced', 'bought', 'event'] as const)
      expect(kinds).toContain(kind);
  });

  test('graded filters that speak for another interval', () => {
    expect(
      some((file) =>
        project(file, file.entries, DAY, around(file, DAY)).duties.some(({ proposal }) => proposal),
      ),
    ).toBe(true);
  });

  test('an alarm past its age', () => {
    const past = ({ assets }: (typeof files)[number]) =>
      assets.some((asset) => asset.kind === 'smoke-alarm' && ageingOf(asset, DAY)?.standing === 'past');
    expect(some(past)).toBe(true);
  });

  test('a crack that is being watched and grows', () => {
    const widths =
      files[0]?.entries.flatMap(({ body }) =>
        body.kind === 'reading' && body.measure === 'crack-width' ? [body.value] : [],
      ) ?? [];
    expect(widths.length).toBeGreaterThan(3);
    expect(widths.at(-1)).toBeGreaterThan(widths[0] ?? Infinity);
  });

  test('something shut more than a year ago and never opened again', () => {
    const shut = files.flatMap((file) =>
      standingOf(file, file.entries, DAY, around(file, DAY)).filter(
        ({ standing, since }) => standing === 'closed' && since !== null && since < '2026-01-01',
      ),
    );
    expect(shut.length).toBeGreaterThan(0);
  });

  test('a round left half-way, with work done and work open, and papers of things there are', () => {
    const left = DEMO_HOMES.flatMap((demo) =>
      demo.run ? [{ demo, run: leftHalfWay(demo.run, loaded(demo), DAY) }] : [],
    );
    expect(left.length).toBeGreaterThan(0);
    for (const { demo, run } of left) {
      expect(runStateSchema.parse(run)).toEqual(run);
      const settled = run.items.filter(({ key }) => isSettled(stateOf(run, key)));
      expect(settled).toHaveLength(demo.run?.done ?? 0);
      expect(run.items.find(({ key }) => key === run.at)).toBe(run.items[settled.length]);
    }
    const ends = DEMO_HOMES.flatMap(({ papers = [] }) => papers.flatMap(({ endsIn }) => endsIn ?? []));
    expect(ends.some((days) => days > 0 && days <= 60)).toBe(true);
  });

  test('things nobody has found out yet', () => {
    const unknown = files.flatMap((file) =>
      knownHouse(file, file.entries, DAY).assets.flatMap(({ facts }) =>
        Object.values(facts ?? {}).filter((value) => value === null),
      ),
    );
    expect(unknown.length).toBeGreaterThan(3);
  });
});
