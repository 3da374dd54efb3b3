import { share, usuallyNot } from './fields.ts';
import { byBand, reading, seen } from './reading.ts';
import { above, from, scale, sound, watch } from './scale.ts';
import { duty, figure, judged, doNow } from './verdict.ts';

/** A ventilator's setting as a share of its range; off in a tight house leaves its people without fresh air. */
export const ventilatorSetting = reading({
  code: 'ventilator-setting',
  system: 'air',
  fields: { setting: share(), off: usuallyNot, tight: usuallyNot },
  bands: { setting: scale(watch, from(40, sound), above(60, watch)) },
  bandUnit: '%',
  recorded: {
    of: ['ventilator'],
    measures: { 'ventilator-setting': { from: 'setting', unit: '%' } },
    chart: { measure: 'ventilator-setting', band: 'setting' },
  },
  judge: ({ values, band }) => {
    const figures = [figure('setting', values.setting, '%')];
    if (values.off) {
      const part = values.tight ? seen('act', 'off-in-tight-house', 1) : seen('watch', 'ventilator-off');
      return judged([part], { follows: [doNow('ventilator-on'), duty('ventilator-fault-look', 1)] });
    }
    const part = byBand(band('setting'), figure('setting', values.setting, '%'));
    return judged([part], {
      figures,
      follows: part.verdict === 'sound' ? [] : [duty('ventilator-flow-set', 30)],
    });
  },
});
