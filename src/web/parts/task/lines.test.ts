import { describe, expect, test } from 'vitest';
import { civil } from '../../../core/calendar/civilDate.ts';
import { dueReport } from '../../../core/formats/dueReport.ts';
import { DEMO_HOMES } from '../../../demo/data/homes.ts';
import { demoHouse } from '../../../demo/history.ts';
import { findPractice } from '../../../core/catalogue/catalogue.ts';
import { demoToday } from '../../../../test/support/demoToday.ts';
import { around } from '../../../../test/support/surroundings.ts';
import { sectionsOf, sharedWindow } from './lines.ts';

const TODAY = civil('2026-11-24');
const { house, rows, sections } = demoToday(TODAY);
const [demo] = DEMO_HOMES;
if (!demo) throw new Error('there is no demo home');
const file = demoHouse(demo, TODAY);
const all = Object.values(sections).flat();

describe('the lines of Today', () => {
  test('every duty that is due stands on one line, in the section of its standing', () => {
    const shown = all.flatMap(({ units }) => units.map(({ duty }) => duty.id)).sort();
    expect(shown).toEqual(
      rows
        .filter(({ occurrence }) => occurrence)
        .map(({ dutyId }) => dutyId)
        .sort(),
    );
    const standing = new Map(
      dueReport(file, file.entries, TODAY, around(file, TODAY)).map((item) => [item.duty, item]),
    );
    for (const [section, lines] of Object.entries(sections)) {
      for (const { duty } of lines.flatMap(({ units }) => units)) {
        const { baseline, standing: stands } = standing.get(duty.id) ?? {};
        const expected = baseline
          ? 'baseline'
          : stands === 'ahead'
            ? 'coming'
            : stands === 'open'
              ? 'open'
              : 'late';
        expect(section).toBe(expected);
      }
    }
  });

  test('like duties share a line under the earliest of their dates', () => {
    const alarms = all.find(({ key, units }) => key.includes('smoke-alarm-battery-swap') && units.length > 1);
    expect(alarms?.units.map(({ asset }) => asset.name)).toEqual(
      expect.arrayContaining(['Hall', 'Landing', 'Back bedroom']),
    );
    for (const { units, due } of all)
      expect(units.map(({ occurrence }) => occurrence.window.due).sort()[0]).toBe(due);
  });

  test('like duties to come years apart are lines of their own, so that one tap does not answer both', () => {
    const replacing = sections.coming.filter(({ key }) => key.includes('smoke-alarm-age-replace'));
    expect(replacing.map(({ units, due }) => [units.map(({ asset }) => asset.name).join(), due])).toEqual([
      ['Landing', '2031-01-01'],
      ['Back bedroom', '2033-01-01'],
    ]);
    expect(new Set(all.map(({ key }) => key)).size).toBe(all.length);
  });

  test('what comes first stands on top; in the baseline what lives depend on', () => {
    for (const section of ['late', 'open', 'coming'] as const) {
      const dates = sections[section].map(({ due }) => due);
      expect(dates).toEqual([...dates].sort());
    }
    const safety = sections.baseline.map(({ lifeSafety }) => lifeSafety);
    expect(safety).toEqual([...safety].sort((a, b) => Number(b) - Number(a)));
    expect(new Set(safety).size).toBe(2);
  });

  test('a window is told once only when all units share it', () => {
    const alarms = sections.coming.find(({ key }) => key.includes('smoke-alarm-battery'));
    expect(alarms && sharedWindow(alarms.units)).toEqual(alarms?.units[0]?.occurrence.window);
    const late = sections.late.flatMap(({ units }) => units);
    expect(sharedWindow([...(alarms?.units ?? []), ...late])).toBeNull();
  });

  test('a replaced thing is called by what stands in its place', () => {
    const replaced = {
      ...house,
      assets: [...house.assets, { id: 'new', kind: 'dryer' as const, name: 'New dryer', succeeds: 'dryer' }],
    };
    const line = sectionsOf(replaced, rows, TODAY, findPractice).baseline.find(({ key }) =>
      key.includes('dryer-vent'),
    );
    expect(line?.units[0]?.asset.name).toBe('New dryer');
  });
});
