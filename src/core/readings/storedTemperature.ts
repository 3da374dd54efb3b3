import { quantity, usuallyNot } from './fields.ts';
import { byBand, reading, seen, when } from './reading.ts';
import { above, act, from, scale, sound, watch } from './scale.ts';
import { duty, figure, judged, doNow, trade } from './verdict.ts';

/** Water stored at 140 °F with a mixing valve: hot enough for the tank, mixed down before the taps. */
export const storedTemperature = reading({
  code: 'stored-temperature',
  system: 'water',
  fields: {
    stored: quantity('F', { min: 32, max: 230 }),
    'relief-discharging': usuallyNot,
    'weak-immune': usuallyNot,
  },
  schools: ['stored-140'],
  bands: {
    'stored-140': scale(act(3), from(130, watch), from(138, sound), above(145, watch), above(150, act(1))),
  },
  bandUnit: 'F',
  recorded: {
    of: ['water-heater'],
    measures: { 'stored-temperature': { from: 'stored', unit: 'F' } },
    chart: { measure: 'stored-temperature', band: 'stored-140' },
  },
  judge: ({ values, band }) => {
    const relief = values['relief-discharging'];
    const part = byBand(band('stored-140'), figure('stored', values.stored, 'F'));
    return judged([...when(relief, seen('stop', 'relief-discharging')), part], {
      school: 'stored-140',
      follows: [
        ...(relief ? [doNow('heater-off-stand-clear'), trade('plumbing')] : []),
        ...(part.verdict === 'act' ? [duty('water-heater-temperature-set', part.days ?? 3)] : []),
        ...(values['weak-immune'] && values.stored < 130 ? [trade('doctor')] : []),
      ],
    });
  },
});
