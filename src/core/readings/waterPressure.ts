import { positive, usuallyNot } from './fields.ts';
import { byBand, reading, seen, when } from './reading.ts';
import { above, act, from, scale, sound, watch } from './scale.ts';
import { figure, judged, trade } from './verdict.ts';

/** Pressure of the water at a tap with everything shut: 40 to 80 psi is usual trade knowledge. */
export const waterPressure = reading({
  code: 'water-pressure',
  system: 'water',
  fields: { pressure: positive('psi', { max: 300 }), 'creeps-overnight': usuallyNot },
  bands: { pressure: scale(watch, from(40, sound), above(80, act(30))) },
  bandUnit: 'psi',
  recorded: {
    of: ['water-main'],
    measures: { 'water-pressure': { from: 'pressure', unit: 'psi' } },
    chart: { measure: 'water-pressure', band: 'pressure' },
  },
  judge: ({ values, band }) => {
    const parts = [
      byBand(band('pressure'), figure('pressure', values.pressure, 'psi')),
      ...when(values['creeps-overnight'], seen('act', 'pressure-creeps', 30)),
    ];
    const acting = parts.some(({ verdict }) => verdict === 'act');
    return judged(parts, { follows: acting ? [trade('plumbing')] : [] });
  },
});
