import { describe, expect, test } from 'vitest';
import { civil } from '../core/calendar/civilDate.ts';
import { houseFileSchema } from '../core/formats/houseFile.ts';
import { project } from '../core/schedule/project.ts';
import { around } from '../../test/support/surroundings.ts';
import { DEMO_HOMES } from './data/homes.ts';
import { demoHouse } from './history.ts';

const DAYS = ['2026-11-24', '2027-02-28', '2028-02-29', '2028-07-14'].map(civil);

describe.each(DEMO_HOMES.map((demo) => [demo.home.name, demo] as const))(
  'the demo home %s',
  (_name, demo) => {
    test.each(DAYS)(
      'loaded on %s is a sound house file, the same every time, with nothing dated later',
      (day) => {
        const file = demoHouse(demo, day);
        expect(houseFileSchema.safeParse(file).error?.issues ?? []).toEqual([]);
        expect(demoHouse(demo, day)).toEqual(file);
        expect(file.entries.every(({ date }) => date <= day)).toBe(true);
      },
    );

    test('has been kept believably: done many times, now and then late, hardly ever early', () => {
      const [day = civil('2026-11-24')] = DAYS;
      const file = demoHouse(demo, day);
      const satisfied = project(file, file.entries, day, around(file, day)).duties.flatMap(
        (duty) => duty.satisfied,
      );
      expect(satisfied.length).toBeGreaterThan(20);
      expect(satisfied.some(({ daysLate }) => daysLate > 0)).toBe(true);
      expect(
        project(file, file.entries, day, around(file, day)).duties.every(({ extras }) => extras.length === 0),
      ).toBe(true);
    });
  },
);
