import { tidy } from '../units/units.ts';
import { positive } from './fields.ts';
import { reading } from './reading.ts';
import { figure, worked } from './verdict.ts';

/** The usual cartridge, 300 ml (10 fl oz), in in³. */
const CARTRIDGE = 300 / 16.387064;
/** The share that is lost in the nozzle and wiped off: a usual starting value. */
const WASTE = 1.1;

/** Cartridges of caulk for joints of a length: joint × width × depth, with a tenth for waste. */
export const caulk = reading({
  code: 'caulk',
  system: 'shell',
  fields: {
    'joint-length': positive('ft', { min: 0.1, max: 5_000 }),
    'joint-width': positive('in', { min: 0.05, max: 2, otherwise: 0.25 }),
    'joint-depth': positive('in', { min: 0.05, max: 2, otherwise: 0.25 }),
  },
  judge: ({ values }) => {
    const each = CARTRIDGE / (values['joint-width'] * values['joint-depth'] * WASTE) / 12;
    return worked([
      figure('length-a-tube', tidy(each), 'ft'),
      figure('tubes', Math.ceil(tidy(values['joint-length'] / each))),
    ]);
  },
});
