import { positive, usuallyNot } from './fields.ts';
import { byBand, reading, seen, when } from './reading.ts';
import { act, from, scale, sound, watch } from './scale.ts';
import { asRoundInches, tankFollows } from './sludge.ts';
import { figure, judged } from './verdict.ts';

export const SCUM_BAND = scale(sound, from(5, watch), from(6, act(30)));

/** Scum afloat in a tank. */
export const scum = reading({
  code: 'scum-depth',
  system: 'sewage',
  fields: { scum: positive('in', { max: 200 }), 'backing-up': usuallyNot },
  bands: { scum: SCUM_BAND },
  bandUnit: 'in',
  recorded: {
    of: ['treatment-plant', 'septic-tank'],
    measures: { 'scum-depth': { from: 'scum', unit: 'in' } },
    chart: {
      measure: 'scum-depth',
      band: 'scum',
      forward: {
        fit: { points: 2, days: 30, error: 0.5 },
        restarts: ['aerobic-pump-out'],
        limit: 6,
        origin: 0,
      },
    },
  },
  judge: ({ values, band, metric }) => {
    const parts = [
      ...when(values['backing-up'], seen('stop', 'backing-up')),
      byBand(band('scum'), figure('scum', asRoundInches(values.scum, metric('scum')), 'in')),
    ];
    return judged(parts, { follows: tankFollows(parts) });
  },
});
