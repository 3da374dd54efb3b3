import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { PRACTICES } from '../catalogue/catalogue.ts';
import { convert, unitIn } from '../units/units.ts';
import { READINGS } from './all.ts';
import { givenFor } from '../../../test/support/judging.ts';
import { judge, type Field, type Given, type Reading } from './reading.ts';
import { gradeAt, stretches, withEdges } from './scale.ts';
import { severity } from '../basics/verdict.ts';

const bands = READINGS.flatMap((reading) =>
  Object.entries(reading.bands).map(([code, band]) => ({ name: `${reading.code} ${code}`, band })),
);

describe.each(bands)('the band of $name', ({ band }) => {
  it('has no gap and no overlap: every edge belongs to one side, and just beside it the other begins', () => {
    const all = stretches(band);
    band.cuts.forEach(({ at, edge }, place) => {
      const [lower, upper] = [all[place]?.verdict, all[place + 1]?.verdict];
      expect(gradeAt(band, at).verdict).toBe(edge === 'upper' ? upper : lower);
      expect(gradeAt(band, at - Math.abs(at) * 1e-7 - 1e-7).verdict).toBe(lower);
      expect(gradeAt(band, at + Math.abs(at) * 1e-7 + 1e-7).verdict).toBe(upper);
    });
  });

  it('a worse reading never gets a better verdict: away from what is sound it only gets worse', () => {
    const grades = stretches(band).map(({ verdict }) => severity(verdict));
    const best = grades.indexOf(Math.min(...grades));
    expect(grades.slice(0, best + 1)).toEqual([...grades.slice(0, best + 1)].sort((a, b) => b - a));
    expect(grades.slice(best)).toEqual([...grades.slice(best)].sort((a, b) => a - b));
  });

  it('edges of one’s own are taken whole or not at all', () => {
    const edges = band.cuts.map(({ at }) => at);
    expect(
      withEdges(
        band,
        edges.map((at) => at + 1),
      )?.cuts.map(({ at }) => at),
    ).toEqual(edges.map((at) => at + 1));
    expect(withEdges(band, [...edges, 999])).toBeNull();
    if (edges.length > 1) expect(withEdges(band, [...edges].reverse())).toBeNull();
  });
});

/** Yes to any of these is bad news. */
const BAD = [
  'ice',
  'still-poor',
  'torn',
  'flue-blocked',
  'condensation',
  'mould',
  'off',
  'relief-discharging',
  'backing-up',
  'does-not-run',
  'damp',
  'doors-jam',
  'salted',
  'stored-against',
  'sounding',
  'unwell',
  'feeds-plant-or-metal',
];

const rank = (reading: Reading, given: Given): number | null => {
  const answer = judge(reading, given);
  if ('problems' in answer) throw new Error(JSON.stringify(answer.problems));
  return answer.outcome.kind === 'judged' ? severity(answer.outcome.verdict) : null;
};

describe.each(READINGS.map((reading) => ({ reading, name: reading.code })))('$name', ({ reading }) => {
  it('answers whatever can be put in, and bad news never makes it better', () => {
    fc.assert(
      fc.property(givenFor(reading), (given) => {
        const before = rank(reading, given);
        for (const flag of BAD.filter((code) => code in reading.fields)) {
          const after = rank(reading, { ...given, [flag]: true });
          const without = rank(reading, { ...given, [flag]: false });
          if (after !== null && without !== null) expect(after).toBeGreaterThanOrEqual(without);
          if (given[flag] === true) expect(after).toBe(before);
        }
      }),
      { numRuns: 60 },
    );
  });

  it('tells every field that cannot be read, and none that can', () => {
    const wrong = judge(
      reading,
      Object.fromEntries(Object.keys(reading.fields).map((code) => [code, { value: NaN, unit: '?' }])),
    );
    expect('problems' in wrong && wrong.problems.map(({ field }) => field)).toEqual(
      Object.keys(reading.fields),
    );
  });

  it('says the same in either system of units', () => {
    // Their rule is a round number in either system: 15 ft and 4.6 m are not the same.
    const ROUND = ['sludge', 'scum', 'to-bed'];
    const roundEdges = Object.keys(reading.fields).some((code) => ROUND.includes(code));
    if (roundEdges) return;
    fc.assert(
      fc.property(givenFor(reading), (given) => {
        const other = Object.fromEntries(
          Object.entries(given).map(([code, value]) => [code, inOther(reading.fields[code], value)]),
        );
        expect(rank(reading, other)).toBe(rank(reading, given));
      }),
      { numRuns: 40 },
    );
  });

  it('leads only to work of the catalogue', () => {
    const codes = new Set(PRACTICES.map(({ code }) => code));
    fc.assert(
      fc.property(givenFor(reading), (given) => {
        const answer = judge(reading, given);
        if (!('outcome' in answer) || answer.outcome.kind === 'unmet') return;
        for (const follow of answer.outcome.follows)
          if (follow.kind === 'duty') expect(codes).toContain(follow.practice);
      }),
      { numRuns: 40 },
    );
  });
});

/** The same thing entered in the other system of units. */
function inOther(field: Field | undefined, given: Given[string]): Given[string] {
  if (field?.kind !== 'quantity' || typeof given !== 'object') return given;
  const metric = unitIn(field.unit, 'metric');
  const to = metric === field.unit ? unitIn(field.unit, 'us') : metric;
  return { value: convert(given.value, field.unit, to), unit: to };
}
