import { share } from './fields.ts';
import { byBand, reading } from './reading.ts';
import { above, act, from, scale, sound, watch } from './scale.ts';
import { figure, judged, trade } from './verdict.ts';

/**
 * Carbon dioxide in the flue gas of an oil boiler, measured by the trade once the air is set. The maker's figure comes first; 11 to 13 % is a usual
 * starting value: less is too much air, more soots up.
 */
export const flueCarbonDioxide = reading({
  code: 'flue-carbon-dioxide',
  system: 'air',
  fields: { 'carbon-dioxide': share() },
  bands: {
    'carbon-dioxide': scale(act(30), from(10, watch), from(11, sound), above(13, watch), above(14, act(30))),
  },
  bandUnit: '%',
  recorded: {
    of: ['boiler'],
    measures: { 'flue-carbon-dioxide': { from: 'carbon-dioxide', unit: '%' } },
    chart: { measure: 'flue-carbon-dioxide', band: 'carbon-dioxide' },
  },
  judge: ({ values, band }) => {
    const part = byBand(band('carbon-dioxide'), figure('carbon-dioxide', values['carbon-dioxide'], '%'));
    return judged([part], { follows: part.verdict === 'act' ? [trade('heating')] : [] });
  },
});
