import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { toCivilDate, toDay, civil } from '../calendar/civilDate.ts';
import type { Rule } from '../practice/rule.ts';
import {
  done,
  on,
  oneDuty,
  write,
  type OneDuty,
  type OneDutyOptions,
} from '../../../test/support/oneDuty.ts';

const threeMonths: Rule = { kind: 'interval', every: { unit: 'months', count: 3 }, floorDays: 30 };
const START = toDay(civil('2026-12-01'));
const END = '2029-12-01';

/** A duty done once, and looks so many days after each time it was new. */
function looked(
  looks: readonly (readonly [days: number, grade: number])[],
  options: OneDutyOptions = {},
): OneDuty {
  const duty = oneDuty(threeMonths, options);
  let day = START;
  for (const [days, value] of looks) {
    done(duty, toCivilDate(day));
    day += days;
    write(duty, toCivilDate(day), {
      kind: 'reading',
      asset: 'a',
      measure: 'filter-grade',
      value,
      unit: 'grade',
    });
    day += 1;
  }
  return duty;
}
const proposal = (duty: OneDuty) => on(duty, END).proposal;

describe('learning from graded looks', () => {
  test('without looks, and for rules that are no interval, nothing is proposed', () => {
    expect(proposal(looked([]))).toBeNull();
    const dated = oneDuty({ kind: 'dates', monthDays: ['04-15'] });
    done(dated, '2026-12-01');
    write(dated, '2026-12-20', {
      kind: 'reading',
      asset: 'a',
      measure: 'filter-grade',
      value: 1,
      unit: 'grade',
    });
    expect(proposal(dated)).toBeNull();
  });

  test('one look weighs against the school as its spread against the prior’s', () => {
    // log rate: prior -ln 91.3125 (spread 0.35), look -ln 45 (spread 0.30): precisions 8.163 and 11.111.
    const expected = Math.exp((8.163 * Math.log(91.3125) + 11.111 * Math.log(45)) / (8.163 + 11.111));
    const found = proposal(looked([[45, 1]]));
    expect(Math.abs((found?.days ?? 0) - expected)).toBeLessThanOrEqual(1);
    expect(found).toMatchObject({ present: 91, looks: [{ grade: 1, days: 45, boundOnly: false }] });
    // Its spread is 1 / √19.27; 80 % lie within 1.2816 of that.
    expect(
      Math.abs((found?.low ?? 0) - expected * Math.exp(-1.2816 / Math.sqrt(19.274))),
    ).toBeLessThanOrEqual(1);
    expect(
      Math.abs((found?.high ?? 0) - expected * Math.exp(1.2816 / Math.sqrt(19.274))),
    ).toBeLessThanOrEqual(1);
  });

  test('many looks narrow the band and come near the rate they tell', () => {
    const once = proposal(looked([[40, 1]]));
    const often = proposal(looked(Array.from({ length: 8 }, () => [40, 1] as const)));
    expect((often?.high ?? 0) - (often?.low ?? 0)).toBeLessThan((once?.high ?? 0) - (once?.low ?? 0));
    expect(often?.days).toBeLessThan(48);
  });

  test('as new still, or looked at too early, it counts as a bound only', () => {
    const asNew = proposal(looked([[80, 0]]));
    expect(asNew?.looks[0]?.boundOnly).toBe(true);
    expect(asNew?.days).toBeGreaterThan(91);
    const early = proposal(looked([[5, 0.5]]));
    expect(early?.looks[0]?.boundOnly).toBe(true);
    expect(Math.abs((early?.days ?? 0) - 91)).toBeLessThan(6);
  });

  test('never under the floor, over twice the school’s, or longer where lives depend on it', () => {
    const fast = Array.from({ length: 12 }, () => [12, 1] as const);
    const slow = Array.from({ length: 12 }, () => [400, 0.5] as const);
    expect(proposal(looked(fast))?.days).toBe(30);
    expect(proposal(looked(slow.slice(0, 2)))?.days).toBeLessThanOrEqual(183);
    expect(proposal(looked(slow.slice(0, 2), { timing: { lifeSafety: true } }))?.days).toBeLessThanOrEqual(
      91,
    );
  });

  test('it changes nothing by itself, and a worse grade never proposes longer', () => {
    const grades = fc.constantFrom(0.25, 0.5, 0.75, 1);
    fc.assert(
      fc.property(fc.integer({ min: 12, max: 150 }), grades, grades, (days, a, b) => {
        const better = proposal(looked([[days, Math.min(a, b)]]));
        const worse = proposal(looked([[days, Math.max(a, b)]]));
        expect(worse?.days).toBeLessThanOrEqual(better?.days ?? 0);
        const duty = looked([[days, a]]);
        expect(on(duty, toCivilDate(START + days)).occurrence?.window.due).toBe('2027-03-01');
      }),
      { numRuns: 60 },
    );
  });
});
