import { positive, usuallyNot } from './fields.ts';
import { byBand, reading, seen } from './reading.ts';
import { above, from, scale, sound, watch } from './scale.ts';
import { duty, eases, figure, judged, doNow, trade } from './verdict.ts';

/** Minutes the blower runs in each half hour; the timer is turned, never forced. */
export const aerobicBlower = reading({
  code: 'aerobic-blower',
  system: 'sewage',
  fields: { 'blower-minutes': positive('min', { max: 30 }), 'does-not-run': usuallyNot },
  bands: { minutes: scale(watch, from(8, sound), above(10, watch)) },
  bandUnit: 'min',
  recorded: {
    of: ['treatment-plant'],
    measures: { 'blower-minutes': { from: 'blower-minutes', unit: 'min' } },
    chart: { measure: 'blower-minutes', band: 'minutes' },
  },
  judge: ({ values, band }) => {
    if (values['does-not-run'] || values['blower-minutes'] === 0)
      return judged([seen('act', 'blower-dead', 1)], {
        follows: [duty('aerobic-blower-service', 1), trade('sewage')],
      });
    const minutes = values['blower-minutes'];
    const part = byBand(band('minutes'), figure('blower-minutes', minutes, 'min'));
    return judged([part], {
      figures: [figure('blower-hours-a-day', (minutes / 30) * 24, 'h')],
      follows:
        part.verdict === 'sound' ? [] : [doNow('timer-never-forced'), eases('aerobic-timer-check', 30)],
    });
  },
});
