import { tidy } from '../units/units.ts';
import { number, positive } from './fields.ts';
import { reading } from './reading.ts';
import { figure, worked } from './verdict.ts';

/** Filters until the next order: changes until then × positions − those in the house. */
export const filterOrder = reading({
  code: 'filter-order',
  system: 'air',
  fields: {
    positions: number({ min: 1, max: 40 }),
    'changed-every': positive('months', { min: 0.25, max: 60 }),
    'order-lasts': positive('months', { min: 1, max: 60, otherwise: 12 }),
    'in-stock': number({ max: 500, otherwise: 0 }),
  },
  judge: ({ values }) => {
    const changes = Math.floor(tidy(values['order-lasts'] / values['changed-every']));
    const needed = changes * values.positions;
    return worked([
      figure('changes-until-order', changes),
      figure('filters-to-order', Math.max(0, Math.ceil(tidy(needed - values['in-stock'])))),
    ]);
  },
});
