import { tidy } from '../units/units.ts';
import { positive } from './fields.ts';
import { reading } from './reading.ts';
import { figure, worked } from './verdict.ts';

/** Soil to raise the ground at a wall: length × width × depth, in bags. */
export const fillSoil = reading({
  code: 'fill-soil',
  system: 'shell',
  fields: {
    'strip-length': positive('ft', { max: 1_000 }),
    'strip-width': positive('ft', { max: 100 }),
    'soil-depth': positive('in', { max: 60 }),
    bag: positive('ft3', { min: 0.05, max: 100, otherwise: 1 }),
  },
  judge: ({ values }) => {
    const volume = values['strip-length'] * values['strip-width'] * (values['soil-depth'] / 12);
    return worked([
      figure('soil', tidy(volume), 'ft3'),
      figure('bags', Math.ceil(tidy(volume / values.bag))),
    ]);
  },
});
