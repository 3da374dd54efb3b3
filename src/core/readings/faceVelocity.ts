import { tidy } from '../units/units.ts';
import { positive, quantity, usually } from './fields.ts';
import { byBand, reading } from './reading.ts';
import { above, scale, sound, watch } from './scale.ts';
import { figure, judged, doNow } from './verdict.ts';

/** Face velocity, ft/min = ft³/min ÷ face in ft²: too fine for the airflow ices the coil in cooling and trips the limit in heating. */
export const faceVelocity = reading({
  code: 'face-velocity',
  system: 'air',
  fields: {
    airflow: positive('cfm', { max: 10_000 }),
    width: quantity('in', { min: 1, max: 100 }),
    height: quantity('in', { min: 1, max: 100 }),
    'filter-kind': usually('fine-pleat', 'plain-panel'),
  },
  bands: {
    'fine-pleat': scale(sound, above(300, watch)),
    'plain-panel': scale(sound, above(500, watch)),
  },
  bandUnit: 'ft/min',
  judge: ({ values, band }) => {
    const speed = tidy(values.airflow / ((values.width * values.height) / 144));
    const figures = [
      figure('face-velocity', speed, 'ft/min'),
      figure('face-area', (values.width * values.height) / 144, 'ft2'),
    ];
    const part = byBand(band(values['filter-kind']), figure('face-velocity', speed, 'ft/min'));
    return judged([part], {
      figures,
      follows: part.verdict === 'sound' ? [] : [doNow('coarser-or-larger-filter')],
    });
  },
});
