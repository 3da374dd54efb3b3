import { describe, expect, test } from 'vitest';
import { practiceSystemSchema } from '../../../core/practice/lists.ts';
import { findPractice, PRACTICES } from '../../../core/catalogue/catalogue.ts';
import { civil } from '../../../core/calendar/civilDate.ts';
import { planFor } from '../../../core/catalogue/planFor.ts';
import { knownHouse } from '../../../core/ledger/knownHouse.ts';
import { keptOn } from '../../../core/upkeep/keptOn.ts';
import { DEMO_HOMES } from '../../../demo/data/homes.ts';
import { demoHouse } from '../../../demo/history.ts';
import type { HouseBody, UpkeepBody } from '../../../contract/schemas.ts';
import { around } from '../../../../test/support/surroundings.ts';
import { firstUnit, systemsOf } from './keptLines.ts';

const ON = civil('2026-11-24');
const [demo] = DEMO_HOMES;
if (!demo) throw new Error('there is no demo home');
const file = demoHouse(demo, ON);
const house: HouseBody = { ...file, role: 'owner' };
const known = knownHouse(file, file.entries, ON);
const plan = planFor({ ...file.home, ...known }, PRACTICES);
const upkeep: UpkeepBody = {
  on: ON,
  known: { on: ON, facts: {}, traits: {}, gone: [] },
  kept: keptOn(file, file.entries, ON, around(file, ON)).map((one) => ({
    ...one,
    next: one.next.map((occurrence) => ({ ...occurrence, reasons: [...occurrence.reasons] })),
    proposal: null,
    minutes: null,
    minutesFrom: null,
  })),
  suggested: [],
  besides: plan.besides.map(({ practice, asset }) => ({ practice: practice.code, asset: asset.id })),
  leftOut: [],
};
const systems = systemsOf(house, upkeep, findPractice, practiceSystemSchema.options);
const lines = systems.flatMap((one) => one.lines);

describe('the lines of Upkeep', () => {
  test('every duty stands on one line, in the system of its practice; one’s own words in the household', () => {
    const shown = lines.flatMap(({ units }) => units.map(({ duty }) => duty.id)).sort();
    expect(shown).toEqual(upkeep.kept.map(({ dutyId }) => dutyId).sort());
    for (const { system, lines: own } of systems)
      for (const { known: practice } of own) expect(practice?.system ?? 'household').toBe(system);
  });

  test('like duties on the same terms share a line; its date is the first of theirs', () => {
    const alarms = lines.filter(({ known: practice }) => practice?.code === 'smoke-alarm-test');
    expect(alarms.map(({ units }) => units.length)).toEqual([4]);
    for (const line of lines) {
      const due = line.units.flatMap(({ kept }) => kept.next[0]?.window.due ?? []).sort();
      expect(firstUnit(line)?.kept.next[0]?.window.due).toBe(due[0]);
    }
  });

  test('one of them paused stands apart', () => {
    const [first, ...rest] = upkeep.kept;
    if (!first) throw new Error('nothing is kept');
    const paused = systemsOf(
      house,
      { ...upkeep, kept: [{ ...first, pausedSince: ON }, ...rest] },
      findPractice,
      practiceSystemSchema.options,
    );
    const line = paused.flatMap((one) => one.lines).find(({ standing }) => standing === 'paused');
    expect(line?.units.map(({ duty }) => duty.id)).toEqual([first.dutyId]);
  });

  test('what goes with a system stands with it, though nothing is kept there', () => {
    const bare = systemsOf(house, { ...upkeep, kept: [] }, findPractice, practiceSystemSchema.options);
    expect(bare.flatMap(({ besides }) => besides)).toHaveLength(upkeep.besides.length);
  });
});
