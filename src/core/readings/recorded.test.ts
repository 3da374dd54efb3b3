import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { givenFor, said } from '../../../test/support/judging.ts';
import { PRACTICES } from '../catalogue/catalogue.ts';
import { entryBodySchema } from '../ledger/entry.ts';
import { READINGS, readingOf } from './all.ts';
import { MEASURES } from './measures.ts';
import { entriesOf } from './entriesOf.ts';
import { chartReading, readingsAsked, RECORDED } from './recorded.ts';
import { sludge } from './sludge.ts';
import { temperatureSplit } from './temperatureSplit.ts';

describe('what a reading leaves', () => {
  it('only readings there are, measures there are, and bands there are', () => {
    for (const [code, { measures, chart }] of Object.entries(RECORDED)) {
      const reading = readingOf(code);
      if (!reading) throw new Error(`no reading ${code}`);
      for (const [measure, { unit }] of Object.entries(measures)) expect(MEASURES[measure]).toBe(unit);
      if (!chart) continue;
      expect(measures).toHaveProperty(chart.measure);
      for (const band of chart.band === null ? reading.schools : [chart.band])
        expect(reading.bands).toHaveProperty(band);
      expect(chartReading(chart.measure)).toBe(code);
    }
  });

  it('every measure a step reads can be judged on the thing it is read of, or is only kept', () => {
    const kept = ['run-hours', 'dryer-loads', 'filter-grade'];
    const missing = PRACTICES.flatMap(({ code, steps, appliesTo }) =>
      steps
        .flatMap(({ reads }) => reads)
        .filter((measure) => !kept.includes(measure))
        // A survey of the whole house measures the things in it.
        .filter((measure) => !(appliesTo.includes('house') && RECORDED[measure]))
        .filter((measure) => appliesTo.every((kind) => readingsAsked(measure, kind).length === 0))
        .map((measure) => `${code} ${measure}`),
    );
    expect(missing).toEqual([]);
  });

  it('is entries the ledger takes, whatever was put in: values as entered, and work only where it is not sound', () => {
    fc.assert(
      fc.property(
        fc
          .constantFrom(...READINGS.filter(({ code }) => code in RECORDED))
          .chain((reading) => fc.tuple(fc.constant(reading), givenFor(reading))),
        ([reading, given]) => {
          const outcome = said(reading, given);
          const { readings, finding } = entriesOf(reading, 'a', { given, outcome });
          for (const body of [...readings, ...(finding ? [finding] : [])])
            expect(entryBodySchema.safeParse(body).error?.issues ?? []).toEqual([]);
          if (outcome.kind !== 'judged') expect(finding).toBeNull();
          else if (outcome.verdict !== 'sound') expect(finding?.days).toBeDefined();
          else expect(finding?.days).toBeUndefined();
        },
      ),
    );
  });

  it('keeps a depth in the unit it was entered in, and a split as the split', () => {
    const deep = { sludge: { value: 310, unit: 'mm' } };
    const kept = entriesOf(sludge, 'a', { given: deep, outcome: said(sludge, deep) });
    expect(kept.readings).toMatchObject([
      { measure: 'sludge-depth', value: 310, unit: 'mm', judged: { verdict: 'act', days: 30 } },
    ]);
    expect(kept.finding).toMatchObject({ what: 'reading.sludge-depth', verdict: 'act', days: 30 });
    const cold = {
      return: { value: 75, unit: 'F' },
      supply: { value: 55, unit: 'F' },
      running: { value: 20, unit: 'min' },
      outdoors: { value: 85, unit: 'F' },
      placed: true,
    };
    const split = entriesOf(temperatureSplit, 'a', { given: cold, outcome: said(temperatureSplit, cold) });
    expect(split.readings).toMatchObject([
      { value: 20, unit: 'dF', judged: { verdict: 'sound', school: 'fixed' } },
    ]);
    expect(split.readings[0]?.given?.['return']).toEqual({ value: 75, unit: 'F' });
    expect(split.finding).toBeNull();
  });
});
