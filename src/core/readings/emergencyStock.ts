import { tidy } from '../units/units.ts';
import { number, positive } from './fields.ts';
import { reading } from './reading.ts';
import { figure, worked } from './verdict.ts';

/** Stock for days without supply: people × days × what each needs a day. */
export const emergencyStock = reading({
  code: 'emergency-stock',
  system: 'household',
  fields: {
    people: number({ min: 1, max: 40 }),
    days: number({ min: 1, max: 90, otherwise: 3 }),
    'water-each': positive('gal', { max: 20, otherwise: 1 }),
    'meals-each': number({ max: 10, otherwise: 3 }),
  },
  judge: ({ values }) => {
    const shares = values.people * values.days;
    return worked([
      figure('water-to-keep', tidy(shares * values['water-each']), 'gal'),
      figure('meals-to-keep', Math.ceil(tidy(shares * values['meals-each']))),
    ]);
  },
});
