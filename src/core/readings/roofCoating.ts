import { tidy } from '../units/units.ts';
import { number, positive } from './fields.ts';
import { reading } from './reading.ts';
import { figure, worked } from './verdict.ts';

/** Coating for a roof: area × coats ÷ what a pail covers. */
export const roofCoating = reading({
  code: 'roof-coating',
  system: 'shell',
  fields: {
    area: positive('ft2', { max: 100_000 }),
    coats: number({ min: 1, max: 5, otherwise: 2 }),
    'pail-covers': positive('ft2', { min: 1, max: 10_000 }),
    pail: positive('gal', { min: 0.1, max: 60, otherwise: 5 }),
  },
  judge: ({ values }) => {
    const pails = Math.ceil(tidy((values.area * values.coats) / values['pail-covers']));
    return worked([figure('pails', pails), figure('coating', tidy(pails * values.pail), 'gal')]);
  },
});
