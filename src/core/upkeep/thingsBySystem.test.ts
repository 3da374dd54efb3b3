import { expect, test } from 'vitest';
import { civil } from '../calendar/civilDate.ts';
import { findPractice } from '../catalogue/catalogue.ts';
import { DEMO_HOMES } from '../../demo/data/homes.ts';
import { demoHouse } from '../../demo/history.ts';
import { thingsBySystem } from './thingsBySystem.ts';

test('every thing stands in one system: the one most of its tasks belong to, else the household', () => {
  for (const demo of DEMO_HOMES) {
    const { assets, duties } = demoHouse(demo, civil('2026-11-27'));
    const systems = thingsBySystem(assets, { assets, duties }, findPractice);
    const placed = systems.flatMap(({ things }) => things.map(({ id }) => id));
    expect([...placed].sort()).toEqual(assets.map(({ id }) => id).sort());
    const of = (kind: string) =>
      systems.find(({ things }) => things.some((thing) => thing.kind === kind))?.system;
    if (assets.some(({ kind }) => kind === 'smoke-alarm')) expect(of('smoke-alarm')).toBe('alarms');
    if (assets.some(({ kind }) => kind === 'house')) expect(of('house')).toBe('household');
    if (assets.some(({ kind }) => kind === 'gutter-run')) expect(of('gutter-run')).toBe('roof');
  }
  const [asset] = DEMO_HOMES.flatMap((demo) => demoHouse(demo, civil('2026-11-27')).assets);
  if (!asset) throw new Error('there is a thing');
  expect(thingsBySystem([asset], { assets: [asset], duties: [] }, findPractice)).toEqual([
    { system: 'household', things: [asset] },
  ]);
});
