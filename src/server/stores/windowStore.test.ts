import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { scheduleRowSchema } from '../../contract/schemas.ts';
import { civil } from '../../core/calendar/civilDate.ts';
import { stationWeather } from '../../core/climate/stationWeather.ts';
import { houseFileSchema } from '../../core/formats/houseFile.ts';
import { type HouseFile } from '../../core/formats/houseFileShape.ts';
import { project } from '../../core/schedule/project.ts';
import { recompute } from '../../core/schedule/recompute.ts';
import { extremeHome } from '../../../test/support/extremeHome.ts';
import { toScheduleRow } from './windowStore.ts';

const SEED = 20_261_127;
const RUNS = 300;

const rowsOf = (file: HouseFile, on: string) =>
  project(file, file.entries, civil(on), {
    find: () => undefined,
    weather: stationWeather(file.home, civil(on)),
  }).duties.map(toScheduleRow);

/** A row with names the contract accepts: made-up homes name their duties shortly. */
const named = <R extends { dutyId: string }>(row: R): R => ({
  ...row,
  dutyId: '0190aaaa-0000-7000-8000-000000000000',
});

describe('rows of the schedule', () => {
  test('these homes are ones a house file can hold', () => {
    fc.assert(
      fc.property(extremeHome, ({ file }) => {
        expect(houseFileSchema.safeParse(file).error?.issues ?? []).toEqual([]);
      }),
      { numRuns: 50, seed: SEED },
    );
  });

  test('whatever a valid home says, its rows read back as they were written, with dates from 1900 to 2999', () => {
    fc.assert(
      fc.property(extremeHome, ({ file, on }) => {
        for (const row of rowsOf(file, on)) {
          const written: unknown = JSON.parse(JSON.stringify(named(row)));
          expect(scheduleRowSchema.safeParse(written).error?.issues ?? []).toEqual([]);
          expect(scheduleRowSchema.parse(written)).toEqual(written);
        }
      }),
      { numRuns: RUNS, seed: SEED },
    );
  });

  test('the reasons of such a date give its window again, and what is never due says why', () => {
    fc.assert(
      fc.property(extremeHome, ({ file, on }) => {
        for (const { occurrence, sleep, retired } of rowsOf(file, on)) {
          if (occurrence) expect(recompute(occurrence.reasons)).toEqual(occurrence.window);
          else expect(retired || sleep !== null).toBe(true);
        }
      }),
      { numRuns: RUNS, seed: SEED },
    );
  });
});
