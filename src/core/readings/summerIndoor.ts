import { quantity } from './fields.ts';
import { byBand, reading } from './reading.ts';
import { above, act, from, scale, sound, watch } from './scale.ts';
import { figure, judged, doNow } from './verdict.ts';

/** Indoor temperature in a humid summer, away or at home: warmer air is damper air. */
export const summerIndoor = reading({
  code: 'summer-indoor',
  system: 'air',
  fields: { indoors: quantity('F', { min: 40, max: 130 }) },
  bands: { indoors: scale(sound, above(77, watch), from(85, act(0))) },
  bandUnit: 'F',
  recorded: {
    of: ['house', 'thermostat', 'cooling'],
    measures: { 'summer-setpoint': { from: 'indoors', unit: 'F' } },
    chart: { measure: 'summer-setpoint', band: 'indoors' },
  },
  judge: ({ values, band }) => {
    const part = byBand(band('indoors'), figure('indoors', values.indoors, 'F'));
    return judged([part], { follows: part.verdict === 'sound' ? [] : [doNow('setpoint-77')] });
  },
});
