import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { factsOfKind } from '../../../core/house/factsOfKind.ts';
import { assetKindSchema } from '../../../core/basics/assetKind.ts';
import { changedFacts, fromField, toField, typedUnit } from './factDraft.ts';

const FILTER = { id: 'f', kind: 'filter-position' as const };

describe('what is typed of a thing', () => {
  test('only what was changed is told, in the unit it is kept in', () => {
    const known = { filter: 'panel', thicknessMm: 25.4 };
    expect(changedFacts(FILTER, known, { filter: 'panel', thicknessMm: '2' }, 'us')).toEqual({
      ok: true,
      bodies: [{ kind: 'fact', asset: 'f', fact: 'thicknessMm', value: 50.8 }],
    });
    expect(changedFacts(FILTER, known, {}, 'us')).toEqual({ ok: true, bodies: [] });
  });

  test('a field emptied says that it is not known any more', () => {
    expect(changedFacts(FILTER, { size: '16 × 25' }, { size: ' ' }, 'us')).toMatchObject({
      bodies: [{ fact: 'size', value: null }],
    });
  });

  test.each([
    ['positions', 'two'],
    ['positions', '0'],
    ['thicknessMm', '9999'],
  ])('%s typed as %s is named, and nothing is told', (code, text) => {
    const read = changedFacts(FILTER, {}, { size: '16', [code]: text }, 'metric');
    expect(read).toMatchObject({ ok: false, spec: { code } });
  });

  test('a number is taken with a comma, too', () => {
    expect(changedFacts(FILTER, {}, { thicknessMm: '25,4' }, 'metric')).toMatchObject({
      bodies: [{ value: 25.4 }],
    });
  });

  test('what a field shows is what it says, of every fact, in both systems of units', () => {
    const specs = assetKindSchema.options.flatMap((kind) => [...factsOfKind(kind)]);
    fc.assert(
      fc.property(
        fc.constantFrom(...specs),
        fc.constantFrom('us' as const, 'metric' as const),
        fc.double({ min: 0, max: 1, noNaN: true }),
        (spec, units, share) => {
          const value =
            spec.kind === 'number'
              ? spec.min + (spec.max - spec.min) * share
              : spec.kind === 'choice'
                ? (spec.options[Math.floor(share * (spec.options.length - 1))] ?? null)
                : spec.kind === 'yesNo'
                  ? share > 0.5
                  : spec.kind === 'date'
                    ? '2019-06'
                    : 'behind the door';
          const again = fromField(spec, toField(spec, value, units), units);
          if (typeof value === 'number' && spec.kind === 'number') {
            // Shown to three digits after the point: at the very ends of its range that may fall outside it.
            if (share > 0.001 && share < 0.999)
              expect(Math.abs((again as number) - value)).toBeLessThan(
                typedUnit(spec, units) === spec.unit ? 0.001 : 0.02,
              );
          } else expect(again).toBe(value);
        },
      ),
      { numRuns: 400, seed: 4_714 },
    );
  });
});
