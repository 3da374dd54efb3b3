import { positive } from './fields.ts';
import { byBand, reading } from './reading.ts';
import { above, act, from, scale, sound, watch } from './scale.ts';
import { duty, figure, judged, retest, trade } from './verdict.ts';

/** Radon on the lowest level lived in, house closed: 2.7 and 4 pCi/L (100 and 148 Bq/m³), the local limit first. */
export const radon = reading({
  code: 'radon',
  system: 'alarms',
  fields: { level: positive('pCi/l', { max: 5_000 }) },
  bands: { level: scale(sound, from(2.7, watch), above(4, act(60))) },
  bandUnit: 'pCi/l',
  recorded: {
    of: ['house'],
    measures: { radon: { from: 'level', unit: 'pCi/l' } },
    chart: { measure: 'radon', band: 'level' },
  },
  judge: ({ values, band }) => {
    const part = byBand(band('level'), figure('level', values.level, 'pCi/l'));
    return judged([part], {
      follows: [
        ...(part.verdict === 'act' ? [trade('structure')] : []),
        ...(part.verdict === 'watch' ? [retest(365)] : []),
        ...(part.verdict === 'act' ? [duty('radon-test', 365)] : []),
      ],
    });
  },
});
