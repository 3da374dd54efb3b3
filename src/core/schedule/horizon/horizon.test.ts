import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { civil, toCivilDate, toDay, type CivilDate } from '../../calendar/civilDate.ts';
import { NO_WEATHER } from '../../climate/weather.ts';
import type { House } from '../../house/house.ts';
import type { Entry } from '../../ledger/entry.ts';
import { project } from '../project.ts';
import { recompute } from '../recompute.ts';
import { replayHouse } from '../replay/replayHouse.ts';
import { horizonFrom, projectOccurrences } from './horizon.ts';
import { someDay } from '../../../../test/support/arbitraries.ts';
import { done, homeDuty, NO_PRACTICES, oneDuty, withDuties } from '../../../../test/support/oneDuty.ts';
import { someHome } from '../../../../test/support/randomHome.ts';

const INPUTS = { find: NO_PRACTICES, weather: NO_WEATHER };
const SEED = Number(process.env['SEED'] ?? 20_261_127);
const STEPS = 5;

const doneOn = (duty: string, date: CivilDate): Entry => ({
  id: date,
  date,
  stampedAt: `${date}T12:00:00.000Z`,
  by: 'p',
  body: { kind: 'done', duty },
});

/** One duty of a home by itself, as it would stand after each of some days on which it is really done when it is due. */
function writtenOneByOne(house: House, entries: readonly Entry[], today: CivilDate, until: CivilDate) {
  const [duty] = house.duties;
  const found = [];
  const all = [...entries];
  let on = today;
  while (duty && found.length < STEPS) {
    const occurrence = project(house, all, on, INPUTS).duties[0]?.occurrence;
    const due = occurrence && toDay(occurrence.window.due);
    const day = Math.max(due ?? Infinity, toDay(on) + (found.length === 0 ? 0 : 1));
    if (!occurrence || day > toDay(until) || occurrence.asks === 'look') break;
    found.push({ window: occurrence.window, reasons: occurrence.reasons, key: occurrence.key });
    on = toCivilDate(day);
    all.push(doneOn(duty.id, on));
  }
  return found;
}

describe('what falls due from today on', () => {
  test('is what would stand if each were really written down as done, one after the other', () => {
    let compared = 0;
    fc.assert(
      fc.property(someHome, someDay, (home, today) => {
        const entries = home.entries.filter(({ date }) => date <= today);
        const until = toCivilDate(toDay(civil(today)) + 6_000);
        for (const duty of home.house.duties) {
          // The other half of a pair would turn with it, and nothing is done with a companion.
          if (duty.practice.from === 'home' && duty.practice.pair) continue;
          const house = { ...home.house, duties: [{ ...duty, companions: undefined }] };
          const written = writtenOneByOne(house, entries, civil(today), until);
          const stepped = projectOccurrences(house, entries, civil(today), INPUTS, until, STEPS + 2);
          const seen = stepped.map(({ occurrence: { key, window, reasons } }) => ({ key, window, reasons }));
          // Work that a look called for can be due after the look that follows it: the horizon is in the order of days.
          expect(seen).toEqual(expect.arrayContaining(written));
          if (written.length > 0)
            expect(seen.findIndex(({ key }) => key === written[0]?.key)).toBeLessThan(2);
          compared += written.length;
        }
      }),
      { numRuns: Number(process.env['RUNS'] ?? 250), seed: SEED },
    );
    expect(compared).toBeGreaterThan(400);
  });

  test('comes in the order of days, and each row tells its own window and reasons whenever it is asked', () => {
    const one = withDuties(
      oneDuty({ kind: 'dates', monthDays: ['04-15', '10-15'] }, { adopted: '2026-01-01' }),
      '2026-01-01',
      [homeDuty('weekly'), { kind: 'interval', every: { unit: 'weeks', count: 1 } }],
    );
    done(one, '2026-01-02', 'weekly');
    const columns = horizonFrom(
      replayHouse(one.house, one.entries, civil('2026-01-02'), INPUTS),
      one.house,
      civil('2027-01-01'),
    );
    const rows = [...columns.inOrder()];
    expect(rows).toHaveLength(54);
    const dues = rows.map((row) => columns.window(row).due);
    expect(dues).toEqual([...dues].sort());
    for (const row of rows.reverse()) {
      const occurrence = columns.occurrence(row);
      expect(occurrence.window).toEqual(columns.window(row));
      expect(recompute(occurrence.reasons)).toEqual(occurrence.window);
      expect(columns.occurrence(row)).toEqual(occurrence);
    }
  });

  test('of duties that share their dates all are due with the first, which may be another each time', () => {
    const one = withDuties(
      oneDuty({ kind: 'interval', every: { unit: 'months', count: 2 } }, { adopted: '2026-01-01' }),
      '2026-01-01',
      [homeDuty('tank', {}, { bound: ['d'] }), { kind: 'dates', monthDays: ['02-20'] }],
    );
    done(one, '2026-01-05');
    const found = projectOccurrences(
      one.house,
      one.entries,
      civil('2026-01-06'),
      INPUTS,
      civil('2026-08-01'),
    );
    const told = found.map(({ dutyId, occurrence }) => `${occurrence.window.due} ${dutyId}`);
    expect(told.slice(0, 4)).toEqual(['2026-02-20 tank', '2026-02-20 d', '2026-04-20 tank', '2026-04-20 d']);
    const leads = found.flatMap(({ occurrence }) =>
      occurrence.reasons.flatMap((reason) => (reason.kind === 'bound' ? [reason.with] : [])),
    );
    expect(leads.slice(0, 2)).toEqual(['tank', 'd']);
  });

  test('no more of a duty than are wanted', () => {
    const one = oneDuty({ kind: 'interval', every: { unit: 'days', count: 3 } }, { adopted: '2026-01-01' });
    const found = projectOccurrences(
      one.house,
      one.entries,
      civil('2026-01-01'),
      INPUTS,
      civil('2027-01-01'),
      3,
    );
    expect(found.map(({ occurrence }) => occurrence.window.due)).toEqual([
      '2026-01-01',
      '2026-01-04',
      '2026-01-07',
    ]);
  });
});
