import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { parseQuantity } from './parseQuantity.ts';
import { inHomeUnits } from './quantity.ts';
import { convert, dimensionOf, UNIT_CODES, unitIn, type UnitCode, UNITS } from './units.ts';

const read = (text: string, asked: UnitCode, gallon: 'us' | 'uk' = 'us') => {
  const read = parseQuantity(text, asked, gallon);
  return read.ok ? `${read.value.value} ${read.value.unit}` : read.error;
};

describe('quantities as people write them', () => {
  it.each([
    ['68F', 'F', '68 F'],
    ['20,5 °C', 'F', '20.5 C'],
    ['20.5 deg C', 'F', '20.5 C'],
    ['−4 °F', 'F', '-4 F'],
    ['3/16 in', 'mm', '0.1875 in'],
    ['1 1/2"', 'mm', '1.5 in'],
    ['1-1/2 in', 'mm', '1.5 in'],
    ['1½ in', 'mm', '1.5 in'],
    ['½"', 'in', '0.5 in'],
    ['5\' 6"', 'mm', '66 in'],
    ['5 ft 6 1/2 in', 'mm', '66.5 in'],
    ['1 min 30 s', 's', '90 s'],
    ['18', 'dF', '18 dF'],
    ['18 °F', 'dF', '18 dF'],
    ['10 K', 'dF', '10 K'],
    ['10 °C', 'dF', '10 K'],
    ['35 %', '%', '35 %'],
    ['35 percent', '%', '35 %'],
    ['9 in²', 'in2', '9 in2'],
    ['9 in2', 'in2', '9 in2'],
    ['1 200 cfm', 'cfm', '1200 cfm'],
    ['1,200.5 cfm', 'cfm', '1200.5 cfm'],
    ['2040 m³/h', 'cfm', '2040 m3/h'],
    ['1.5 gal/min', 'l/min', '1.5 gpm'],
    ['0,125 in', 'in', '0.125 in'],
    ['.4 mm', 'mm', '0.4 mm'],
    ['6 years', 'years', '6 years'],
    ['40 gal', 'l', '40 gal'],
  ] as const)('reads %s', (text, asked, wanted) => {
    expect(read(text, asked)).toBe(wanted);
  });

  it('a gallon is that of the home’s country', () => {
    expect(read('40 gal', 'l', 'uk')).toBe('40 gal-uk');
    expect(convert(1, 'gal-uk', 'l')).toBeCloseTo(4.54609, 9);
  });

  it.each([
    ['', 'F', 'number'],
    ['warm', 'F', 'number'],
    ['1,200', 'cfm', 'ambiguous-comma'],
    ['12 furlongs', 'mm', 'unit-unknown'],
    ['12 mm', 'F', 'unit-of-something-else'],
    ['3 gal', 'mm', 'unit-of-something-else'],
    ['6 in 5 ft', 'mm', 'number'],
    ['1/0 in', 'in', 'number'],
    ['12 13', 'mm', 'number'],
  ] as const)('refuses %s, and says why', (text, asked, wanted) => {
    expect(read(text, asked)).toBe(wanted);
  });
});

describe('units', () => {
  const pair = fc
    .constantFrom(...UNIT_CODES)
    .chain((from) =>
      fc.tuple(
        fc.constant(from),
        fc.constantFrom(...UNIT_CODES.filter((to) => dimensionOf(to) === dimensionOf(from))),
      ),
    );

  it('there and back is where one was', () => {
    fc.assert(
      fc.property(pair, fc.double({ min: -1_000, max: 1_000, noNaN: true }), ([from, to], value) => {
        const back = convert(convert(value, from, to), to, from);
        expect(Math.abs(back - value)).toBeLessThanOrEqual(1e-8);
      }),
    );
  });

  it('every unit is read back from each way of writing it', () => {
    fc.assert(
      fc.property(fc.constantFrom(...UNIT_CODES), fc.integer({ min: 1, max: 999 }), (code, value) => {
        const dimension = dimensionOf(code);
        for (const written of UNITS[code].written)
          expect(read(`${value} ${written}`, code), written).toBe(`${value} ${code}`);
        expect(dimensionOf(unitIn(code, 'us'))).toBe(dimension);
        expect(unitIn(unitIn(code, 'us'), 'us')).toBe(unitIn(code, 'us'));
      }),
    );
  });

  it('12 in are 1 ft at the edge of a band, and a difference is no temperature', () => {
    expect(convert(1, 'ft', 'in')).toBe(12);
    expect(inHomeUnits({ value: 18, unit: 'dF' }, 'metric')).toEqual({ value: 10, unit: 'K' });
    expect(inHomeUnits({ value: 68, unit: 'F' }, 'metric')).toEqual({ value: 20, unit: 'C' });
    expect(inHomeUnits({ value: 3, unit: 'grade' }, 'metric')).toEqual({ value: 3, unit: 'grade' });
  });
});
