import { tidy } from '../units/units.ts';
import { number, positive } from './fields.ts';
import { reading } from './reading.ts';
import { figure, worked } from './verdict.ts';

/** Strip for doors: both sides and the head, 15 to 20 minutes a door. */
export const weatherstrip = reading({
  code: 'weatherstrip',
  system: 'shell',
  fields: {
    doors: number({ min: 1, max: 40 }),
    width: positive('in', { max: 200 }),
    height: positive('in', { max: 200 }),
    'pack-length': positive('ft', { min: 1, max: 500, optional: true }),
  },
  judge: ({ values }) => {
    const each = (2 * values.height + values.width) / 12;
    const pack = values['pack-length'];
    return worked([
      figure('strip-a-door', tidy(each), 'ft'),
      figure('strip', tidy(each * values.doors), 'ft'),
      ...(pack === undefined ? [] : [figure('packs', Math.ceil(tidy((each * values.doors) / pack)))]),
      figure('least-time', 15 * values.doors, 'min'),
      figure('most-time', 20 * values.doors, 'min'),
    ]);
  },
});
