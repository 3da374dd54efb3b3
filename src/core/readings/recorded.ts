import type { AssetKind } from '../basics/assetKind.ts';

/** What a reading leaves in the ledger: of which things it is read, and which of its fields or figures is which measure. */
export interface Recorded {
  readonly of: readonly AssetKind[];
  /** Measure → the field or figure that holds its value; a field is kept as it was entered. */
  readonly values: Readonly<Record<string, string>>;
  /** The measure shown over time and the band it is shown against: the band of a school, or one for all. */
  readonly chart?: { readonly measure: string; readonly band: string | null };
}

const TANKS: readonly AssetKind[] = ['treatment-plant', 'septic-tank'];

/** By reading; one that is not here is worked out and never recorded. */
export const RECORDED: Readonly<Record<string, Recorded>> = {
  'temperature-split': {
    of: ['cooling', 'air-handler', 'house'],
    values: { 'temperature-split': 'split' },
    chart: { measure: 'temperature-split', band: 'fixed' },
  },
  'filter-grade': {
    of: ['filter-position'],
    values: { 'filter-grade': 'grade' },
    chart: { measure: 'filter-grade', band: null },
  },
  'flame-to-blower': {
    of: ['furnace', 'air-handler'],
    values: { 'flame-to-blower': 'delay' },
    chart: { measure: 'flame-to-blower', band: 'delay' },
  },
  'oil-soot': {
    of: ['boiler'],
    values: { 'soot-depth': 'soot' },
    chart: { measure: 'soot-depth', band: 'soot' },
  },
  'winter-humidity': { of: ['humidifier', 'house'], values: { 'indoor-humidity': 'humidity' } },
  'ventilated-humidity': {
    of: ['ventilator'],
    values: { 'indoor-humidity': 'humidity' },
    chart: { measure: 'indoor-humidity', band: 'humidity' },
  },
  'summer-indoor': {
    of: ['house', 'thermostat', 'cooling'],
    values: { 'summer-setpoint': 'indoors' },
    chart: { measure: 'summer-setpoint', band: 'indoors' },
  },
  'ventilator-setting': {
    of: ['ventilator'],
    values: { 'ventilator-setting': 'setting' },
    chart: { measure: 'ventilator-setting', band: 'setting' },
  },
  'tap-temperature': {
    of: ['water-heater'],
    values: { 'tap-temperature': 'tap' },
    chart: { measure: 'tap-temperature', band: 'tap-120' },
  },
  'stored-temperature': {
    of: ['water-heater'],
    values: { 'stored-temperature': 'stored' },
    chart: { measure: 'stored-temperature', band: 'stored-140' },
  },
  'shower-flow': {
    of: ['shower'],
    values: { 'shower-flow': 'flow' },
    chart: { measure: 'shower-flow', band: null },
  },
  'tank-solids': {
    of: TANKS,
    values: { 'scum-depth': 'scum', 'sludge-depth': 'sludge', 'clear-depth': 'clear' },
  },
  'sludge-depth': {
    of: TANKS,
    values: { 'sludge-depth': 'sludge' },
    chart: { measure: 'sludge-depth', band: 'sludge' },
  },
  'scum-depth': {
    of: TANKS,
    values: { 'scum-depth': 'scum' },
    chart: { measure: 'scum-depth', band: 'scum' },
  },
  'aerobic-blower': {
    of: ['treatment-plant'],
    values: { 'blower-minutes': 'blower-minutes' },
    chart: { measure: 'blower-minutes', band: 'minutes' },
  },
  'plant-load': { of: ['treatment-plant'], values: { 'laundry-loads': 'loads' } },
  'leak-area': { of: ['house', 'walls'], values: { 'leak-area': 'leak-area' } },
  'foundation-crack': {
    of: ['foundation', 'masonry', 'walls', 'house'],
    values: { 'crack-width': 'width' },
    chart: { measure: 'crack-width', band: 'width' },
  },
  'concrete-age': { of: ['concrete'], values: { 'concrete-age': 'age' } },
  'vent-clearance': {
    of: ['furnace', 'boiler', 'water-heater', 'vent-pipe', 'chimney', 'air-handler', 'cooling'],
    values: { 'vent-clearance': 'gap' },
  },
  'smoke-alarm-age': { of: ['smoke-alarm'], values: { 'alarm-age': 'age' } },
  'co-alarm-age': { of: ['co-alarm', 'gas-detector'], values: { 'alarm-age': 'age' } },
  'gas-flame': { of: ['furnace', 'boiler', 'water-heater', 'air-handler'], values: {} },
  'furnace-start': { of: ['furnace', 'air-handler'], values: {} },
  'second-chamber': { of: ['treatment-plant'], values: {} },
  'door-paper': { of: ['door', 'garage-door'], values: {} },
  'ventilator-filter': { of: ['ventilator'], values: {} },
  'softener-salt': { of: ['softener'], values: {} },
};

/** The readings of a kind of thing that leave something in the ledger. */
export const readingsOfKind = (kind: AssetKind): readonly string[] =>
  Object.entries(RECORDED).flatMap(([code, { of }]) => (of.includes(kind) ? [code] : []));

/** The readings that can tell a measure of a kind of thing, the fullest first. */
export const readingsOfMeasure = (measure: string, kind: AssetKind): readonly string[] =>
  readingsOfKind(kind).filter((code) => measure in (RECORDED[code]?.values ?? {}));

/** Against which reading's band a measure is shown over time. */
export const chartReading = (measure: string): string | null =>
  Object.entries(RECORDED).find(([, { chart }]) => chart?.measure === measure)?.[0] ?? null;
