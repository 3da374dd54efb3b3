import { tidy } from '../units/units.ts';
import { number, positive } from './fields.ts';
import { reading } from './reading.ts';
import { figure, worked } from './verdict.ts';

/** Filters a year: positions × 12 ÷ months between changes. */
export const filtersAYear = (positions: number, months: number): number => tidy((positions * 12) / months);

/** Two ways to keep the filters, side by side over a year. */
export const filterCost = reading({
  code: 'filter-cost',
  system: 'money',
  fields: {
    positions: number({ min: 1, max: 40 }),
    'every-one': positive('months', { min: 0.25, max: 60 }),
    'price-one': number(),
    'every-two': positive('months', { min: 0.25, max: 60 }),
    'price-two': number(),
  },
  judge: ({ values }) => {
    const one = filtersAYear(values.positions, values['every-one']);
    const two = filtersAYear(values.positions, values['every-two']);
    return worked([
      figure('filters-one', one),
      figure('cost-one', one * values['price-one'], 'money'),
      figure('filters-two', two),
      figure('cost-two', two * values['price-two'], 'money'),
    ]);
  },
});
