import { tidy } from '../units/units.ts';
import { number, positive, quantity, usually } from './fields.ts';
import { reading } from './reading.ts';
import { SENSIBLE } from './air.ts';
import { figure, doNow, unmet, worked, type Figure } from './verdict.ts';

/** Stack and wind coefficients by storeys, shelter class 3 (ASHRAE basic model): A in in², ΔT in °F, v in mph, Q in ft³/min. */
const STACK = [0.015, 0.0299, 0.0449] as const;
const WIND = [0.0065, 0.0086, 0.0101] as const;
/** Effective area at 4 Pa against the area of the gaps: a usual starting value. */
export const EFFECTIVE = 0.6;

/** Infiltration, ft³/min, through an effective area (in²): Q = A·√(Cs·ΔT + Cw·v²). */
export function infiltration(area: number, storeys: 1 | 2 | 3, difference: number, wind: number): number {
  const stack = STACK[storeys - 1] ?? STACK[0];
  const blown = WIND[storeys - 1] ?? WIND[0];
  return area * Math.sqrt(stack * Math.max(0, difference) + blown * wind ** 2);
}

/** Heat lost in a season, Btu: 1.08 × Q × 24 × degree days (°F·days). */
export const seasonsHeat = (cfm: number, degreeDays: number): number => SENSIBLE * cfm * 24 * degreeDays;

/** A small window pane of 12 by 12 in, in². */
const PANE = 144;

/** Gaps added up and shown as one hole, and what blows through it. Purpose-made vents are never counted or sealed. */
export const leakArea = reading({
  code: 'leak-area',
  system: 'shell',
  fields: {
    length: positive('ft', { max: 10_000, optional: true }),
    gap: positive('in', { max: 12, optional: true }),
    'more-area': positive('in2', { max: 10_000, otherwise: 0 }),
    storeys: usually('2', '1', '3'),
    difference: quantity('dF', { min: 0, max: 150, otherwise: 0 }),
    wind: positive('mph', { max: 100, otherwise: 0 }),
    'degree-days': number({ max: 20_000, otherwise: 0 }),
    'price-a-unit': number({ max: 1_000, otherwise: 0 }),
    'btu-a-unit': number({ max: 1e9, otherwise: 0 }),
    efficiency: quantity('%', { min: 1, max: 500, otherwise: 100 }),
  },
  recorded: { of: ['house', 'walls'], measures: { 'leak-area': { from: 'leak-area', unit: 'in2' } } },
  judge: ({ values }) => {
    const area = tidy((values.length ?? 0) * 12 * (values.gap ?? 0) + values['more-area']);
    if (area === 0) return unmet(['a-gap']);
    const q = infiltration(
      EFFECTIVE * area,
      Number(values.storeys) as 1 | 2 | 3,
      values.difference,
      values.wind,
    );
    const heat = seasonsHeat(q, values['degree-days']);
    const units = values['btu-a-unit'] > 0 ? heat / values['btu-a-unit'] / (values.efficiency / 100) : 0;
    const figures: Figure[] = [
      figure('leak-area', area, 'in2'),
      figure('one-hole', Math.sqrt(area), 'in'),
      figure('pane-share', tidy((area / PANE) * 100), '%'),
    ];
    if (q > 0) figures.push(figure('infiltration', tidy(q), 'cfm'));
    if (heat > 0) figures.push(figure('season-heat', tidy(heat)));
    if (units * values['price-a-unit'] > 0)
      figures.push(figure('season-cost', units * values['price-a-unit'], 'money'));
    return worked(figures, [doNow('never-seal-vents')]);
  },
});
