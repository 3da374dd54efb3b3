import { tidy } from '../units/units.ts';
import { number, positive, quantity } from './fields.ts';
import { byBand, reading } from './reading.ts';
import { act, from, scale, sound, watch } from './scale.ts';
import { duty, figure, judged, doNow } from './verdict.ts';

/** Load of a day on a treatment plant: laundry and all water judged apart against what it is built for in a day. */
export const plantLoad = reading({
  code: 'plant-load',
  system: 'sewage',
  fields: {
    'design-flow': quantity('gal', { min: 50, max: 10_000 }),
    loads: number({ max: 60 }),
    'gallons-a-load': positive('gal', { max: 200, otherwise: 40 }),
    showers: number({ max: 60, otherwise: 0 }),
    'gallons-a-shower': positive('gal', { max: 200, otherwise: 15 }),
    'other-water': positive('gal', { max: 10_000, otherwise: 0 }),
  },
  bands: {
    laundry: scale(sound, from(0.2, watch), from(0.5, act(0))),
    'all-water': scale(sound, from(0.8, watch), from(1, act(0))),
  },
  recorded: { of: ['treatment-plant'], measures: { 'laundry-loads': { from: 'loads', unit: 'loads' } } },
  judge: ({ values, band }) => {
    const washed = values.loads * values['gallons-a-load'];
    const all = washed + values.showers * values['gallons-a-shower'] + values['other-water'];
    const laundry = tidy(washed / values['design-flow']);
    const parts = [
      byBand(band('laundry'), figure('laundry-share', laundry)),
      byBand(band('all-water'), figure('all-water-share', tidy(all / values['design-flow']))),
    ];
    const spread = parts.some(({ verdict }) => verdict !== 'sound');
    const few = Math.floor(
      ((band('laundry').cuts[0]?.at ?? 0.2) * values['design-flow']) / Math.max(1, values['gallons-a-load']),
    );
    return judged(parts, {
      figures: [
        figure('laundry-percent', tidy(laundry * 100), '%'),
        figure('water-of-day', all, 'gal'),
        ...(spread ? [figure('loads-a-day', Math.max(1, few))] : []),
      ],
      follows: spread ? [doNow('spread-the-laundry'), duty('wastewater-load-spread', 0)] : [],
    });
  },
});
