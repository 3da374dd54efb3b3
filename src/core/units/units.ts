/** The dimension of a unit. A difference of temperatures is no temperature: 18 °F of split are 10 K, not −7.8 °C. */
export type Dimension =
  | 'temperature'
  | 'difference'
  | 'length'
  | 'area'
  | 'volume'
  | 'flow'
  | 'airflow'
  | 'speed'
  | 'time'
  | 'age'
  | 'mass'
  | 'hardness'
  | 'share'
  | 'power'
  | 'pressure'
  | 'radioactivity';

interface UnitSpec {
  readonly of: Dimension;
  /** Its size in the dimension's base unit, the one whose factor is 1. */
  readonly factor: number;
  /** Added after the factor: only temperatures have it. */
  readonly offset?: number;
  readonly written: readonly string[];
}

const unit = (of: Dimension, factor: number, ...written: string[]): UnitSpec => ({ of, factor, written });

const INCH = 0.0254;
/** 231 in³, in litres. */
const US_GALLON = 3.785411784;
/** By definition, in litres. */
const UK_GALLON = 4.54609;

/**
 * Every unit that may be entered, with the ways people write it. Exact by definition: 1 in = 25.4 mm, 1 US gallon = 231 in³,
 * 1 UK gallon = 4.54609 l, 1 mile = 1609.344 m, 1 lb = 0.45359237 kg, 1 pCi/l = 37 Bq/m³; 1 grain a gallon = 17.118 mg/l, 1 psi = 0.0689475729 bar.
 */
export const UNITS = {
  C: unit('temperature', 1, 'c', '°c', 'celsius'),
  F: { ...unit('temperature', 5 / 9, 'f', '°f', 'fahrenheit'), offset: -160 / 9 },
  K: unit('difference', 1, 'k', 'c', '°c', 'kelvin'),
  dF: unit('difference', 5 / 9, 'f', '°f', 'df'),
  mm: unit('length', 0.001, 'mm', 'millimetre', 'millimetres', 'millimeters'),
  cm: unit('length', 0.01, 'cm'),
  m: unit('length', 1, 'm', 'metre', 'metres', 'meters'),
  in: unit('length', INCH, 'in', 'in.', '"', 'inch', 'inches'),
  ft: unit('length', INCH * 12, 'ft', 'ft.', "'", 'foot', 'feet'),
  in2: unit('area', INCH ** 2, 'in2', 'in²', 'sq in'),
  cm2: unit('area', 0.0001, 'cm2', 'cm²', 'sq cm'),
  ft2: unit('area', (INCH * 12) ** 2, 'ft2', 'ft²', 'sq ft'),
  m2: unit('area', 1, 'm2', 'm²', 'sq m'),
  ft3: unit('volume', (INCH * 12) ** 3 * 1000, 'ft3', 'ft³', 'cu ft', 'cubic feet'),
  l: unit('volume', 1, 'l', 'litre', 'litres', 'liter', 'liters'),
  gal: unit('volume', US_GALLON, 'us gal', 'gal us', 'us gallons'),
  'gal-uk': unit('volume', UK_GALLON, 'imp gal', 'uk gal', 'imperial gallons', 'uk gallons'),
  gpm: unit('flow', US_GALLON, 'gpm', 'gal/min'),
  'l/min': unit('flow', 1, 'l/min', 'lpm', 'litres a minute'),
  cfm: unit('airflow', (INCH * 12) ** 3 * 60, 'cfm', 'ft3/min', 'ft³/min'),
  'm3/h': unit('airflow', 1, 'm3/h', 'm³/h', 'cmh'),
  'ft/min': unit('speed', (INCH * 12) / 60, 'ft/min', 'fpm'),
  mph: unit('speed', 1609.344 / 3600, 'mph'),
  kmh: unit('speed', 1000 / 3600, 'km/h', 'kmh', 'kph'),
  'm/s': unit('speed', 1, 'm/s'),
  s: unit('time', 1, 's', 'sec', 'secs', 'second', 'seconds'),
  min: unit('time', 60, 'min', 'mins', 'minute', 'minutes'),
  h: unit('time', 3600, 'h', 'hr', 'hrs', 'hour', 'hours'),
  days: unit('age', 12 / 365.25, 'd', 'day', 'days'),
  weeks: unit('age', (12 * 7) / 365.25, 'wk', 'week', 'weeks'),
  months: unit('age', 1, 'mo', 'month', 'months'),
  years: unit('age', 12, 'y', 'yr', 'yrs', 'year', 'years'),
  lb: unit('mass', 0.45359237, 'lb', 'lbs', 'pound', 'pounds'),
  kg: unit('mass', 1, 'kg', 'kilos'),
  'gr/gal': unit('hardness', 17.118, 'gr/gal', 'gpg', 'grains'),
  'mg/l': unit('hardness', 1, 'mg/l', 'ppm'),
  '%': unit('share', 1, '%', 'percent', 'per cent', 'pct'),
  W: unit('power', 1, 'w', 'watt', 'watts'),
  kW: unit('power', 1000, 'kw'),
  bar: unit('pressure', 1, 'bar'),
  psi: unit('pressure', 0.0689475729, 'psi', 'lb/in2'),
  'Bq/m3': unit('radioactivity', 1, 'bq/m3', 'bq/m³', 'bq'),
  'pCi/l': unit('radioactivity', 37, 'pci/l', 'pci'),
} as const satisfies Record<string, UnitSpec>;

export type UnitCode = keyof typeof UNITS;

export const UNIT_CODES = Object.keys(UNITS) as readonly UnitCode[];

export const isUnit = (code: string): code is UnitCode => Object.hasOwn(UNITS, code);

export const dimensionOf = (code: UnitCode): Dimension => UNITS[code].of;

/** Takes off the last noise of binary fractions, so that 12 in entered as 1 ft are 12 in at the edge of a band. */
export const tidy = (value: number): number => toDigits(value, 12);

/** For comparing with an edge: a value that went through another unit and back is still what it was. */
export const nearly = (value: number): number => toDigits(value, 9);

/** A value with so many digits that count. */
export const toDigits = (value: number, digits: number): number =>
  value === 0 || !Number.isFinite(value) ? value : Number(value.toPrecision(digits));

/** A value in another unit of the same dimension. Throws where the dimensions differ: that is this program's mistake. */
export function convert(value: number, from: UnitCode, to: UnitCode): number {
  if (from === to) return value;
  const source: UnitSpec = UNITS[from];
  const target: UnitSpec = UNITS[to];
  if (source.of !== target.of) throw new Error(`${from} is no ${target.of}`);
  const base = value * source.factor + (source.offset ?? 0);
  return tidy((base - (target.offset ?? 0)) / target.factor);
}

/** The unit each system shows a dimension in; one that is written the same on both sides keeps its unit. */
export const COUNTERPARTS: Partial<Record<UnitCode, UnitCode>> = {
  mm: 'in',
  in: 'mm',
  m: 'ft',
  ft: 'm',
  in2: 'cm2',
  cm2: 'in2',
  ft2: 'm2',
  m2: 'ft2',
  l: 'gal',
  gal: 'l',
  ft3: 'l',
  C: 'F',
  F: 'C',
  K: 'dF',
  dF: 'K',
  gpm: 'l/min',
  'l/min': 'gpm',
  cfm: 'm3/h',
  'm3/h': 'cfm',
  'ft/min': 'm/s',
  'm/s': 'ft/min',
  mph: 'kmh',
  kmh: 'mph',
  lb: 'kg',
  kg: 'lb',
  bar: 'psi',
  psi: 'bar',
  'Bq/m3': 'pCi/l',
  'pCi/l': 'Bq/m3',
};

const US_UNITS: ReadonlySet<UnitCode> = new Set<UnitCode>([
  'in',
  'ft',
  'in2',
  'ft2',
  'gal',
  'ft3',
  'F',
  'dF',
  'gpm',
  'cfm',
  'ft/min',
  'mph',
  'lb',
  'psi',
  'pCi/l',
]);

/** A unit's counterpart in a system of units, or itself where it has none. */
export function unitIn(code: UnitCode, system: 'us' | 'metric'): UnitCode {
  const counterpart = COUNTERPARTS[code];
  if (!counterpart) return code;
  return US_UNITS.has(code) === (system === 'us') ? code : counterpart;
}
