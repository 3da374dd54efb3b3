import { share } from './fields.ts';
import { byBand, reading } from './reading.ts';
import { act, from, scale, sound, watch } from './scale.ts';
import { duty, figure, judged } from './verdict.ts';

/** How full a softener's salt tank is, by eye: half is enough, nearly empty lets hard water through. The edges are a usual starting value. */
export const saltLevel = reading({
  code: 'salt-level',
  system: 'water',
  fields: { 'salt-full': share() },
  bands: { 'salt-full': scale(act(7), from(15, watch), from(50, sound)) },
  bandUnit: '%',
  recorded: {
    of: ['softener'],
    measures: { 'salt-level': { from: 'salt-full', unit: '%' } },
    chart: { measure: 'salt-level', band: 'salt-full' },
  },
  judge: ({ values, band }) => {
    const part = byBand(band('salt-full'), figure('salt-full', values['salt-full'], '%'));
    return judged([part], { follows: part.verdict === 'act' ? [duty('softener-salt-top-up', 7)] : [] });
  },
});
