import { positive, usuallyNot } from './fields.ts';
import { byBand, reading, seen, when } from './reading.ts';
import { act, from, scale, sound, watch } from './scale.ts';
import { duty, figure, judged } from './verdict.ts';

/** Ventilator filter: dark is normal, so months since its renewal judge it, and whether it is whole. */
export const ventilatorFilter = reading({
  code: 'ventilator-filter',
  system: 'air',
  fields: { 'since-renewal': positive('months', { max: 240 }), torn: usuallyNot },
  bands: { months: scale(sound, from(18, watch), from(24, act(30))) },
  bandUnit: 'months',
  recorded: { of: ['ventilator'], measures: {} },
  judge: ({ values, band }) => {
    const parts = [
      byBand(band('months'), figure('since-renewal', values['since-renewal'], 'months')),
      ...when(values.torn, seen('act', 'torn', 30)),
    ];
    const due = parts.some(({ verdict }) => verdict === 'act');
    return judged(parts, { follows: due ? [duty('ventilator-filter-vacuum', 30)] : [] });
  },
});
