import { number } from './fields.ts';
import { byBand, reading } from './reading.ts';
import { above, act, from, scale, sound } from './scale.ts';
import { doNow, figure, judged } from './verdict.ts';

/** The water of a pool: pH 7.2 to 7.8, free chlorine 1 to 4 ppm are usual trade knowledge. */
export const poolWater = reading({
  code: 'pool-water',
  system: 'water',
  fields: { ph: number({ max: 14 }), chlorine: number({ max: 100 }) },
  bands: {
    ph: scale(act(1), from(7.2, sound), above(7.8, act(1))),
    chlorine: scale(act(1), from(1, sound), above(4, act(1))),
  },
  recorded: {
    of: ['pool'],
    measures: { 'pool-ph': { from: 'ph', unit: '' }, 'pool-chlorine': { from: 'chlorine', unit: '' } },
    chart: { measure: 'pool-chlorine', band: 'chlorine' },
  },
  judge: ({ values, band }) => {
    const parts = [
      byBand(band('ph'), figure('ph', values.ph)),
      byBand(band('chlorine'), figure('chlorine', values.chlorine)),
    ];
    const out = parts.some(({ verdict }) => verdict === 'act');
    return judged(parts, { follows: out ? [doNow('nobody-swims')] : [] });
  },
});
