import { FLOOR, number, share, usuallyNot } from './fields.ts';
import { byBand, reading, seen, when } from './reading.ts';
import { act, from, scale, sound, watch, above } from './scale.ts';
import { duty, figure, judged, doNow } from './verdict.ts';

/** Humidity of a home with a ventilator. */
export const ventilatedHumidity = reading({
  code: 'ventilated-humidity',
  system: 'air',
  fields: {
    floor: FLOOR,
    humidity: share(),
    'days-over-70': number({ max: 365, otherwise: 0 }),
    mould: usuallyNot,
  },
  bands: { humidity: scale(watch, from(40, sound), above(60, watch), from(80, act(1))) },
  bandUnit: '%',
  recorded: {
    of: ['ventilator'],
    part: 'floor',
    measures: { 'indoor-humidity': { from: 'humidity', unit: '%' } },
    chart: { measure: 'indoor-humidity', band: 'humidity' },
  },
  judge: ({ values, band }) => {
    const lasting = values.humidity > 70 && values['days-over-70'] >= 7;
    const parts = [
      byBand(band('humidity'), figure('humidity', values.humidity, '%')),
      ...when(lasting, seen('act', 'over-70-for-days', 7)),
      ...when(values.mould, seen('act', 'mould', 1)),
    ];
    const acting = parts.some(({ verdict }) => verdict === 'act');
    return judged(parts, {
      follows: acting
        ? [
            doNow('air-and-find-the-damp'),
            duty('damp-and-moisture-habits', 7),
            duty('ventilator-fault-look', 7),
          ]
        : [],
    });
  },
});
