import { positive, usually } from './fields.ts';
import { byBand, reading, seen, when } from './reading.ts';
import { above, act, from, scale, sound, watch } from './scale.ts';
import { emergency, figure, judged, doNow, trade } from './verdict.ts';

/** Seconds from the flame to the blower; a flame that leaves its place is a stop whatever the watch says. */
export const flameToBlower = reading({
  code: 'flame-to-blower',
  system: 'air',
  fields: {
    delay: positive('s', { max: 1_800 }),
    flame: usually('steady', 'rolling-out', 'lifting', 'changes-with-blower'),
  },
  bands: { delay: scale(watch, from(15, sound), above(60, watch), above(90, act(1))) },
  bandUnit: 's',
  recorded: {
    of: ['furnace', 'air-handler'],
    measures: { 'flame-to-blower': { from: 'delay', unit: 's' } },
    chart: { measure: 'flame-to-blower', band: 'delay' },
  },
  judge: ({ values, band }) => {
    const bad = values.flame !== 'steady';
    const part = byBand(band('delay'), figure('delay', values.delay, 's'));
    return judged([...when(bad, seen('stop', `flame-${values.flame}`)), part], {
      follows: bad
        ? [doNow('furnace-off'), emergency, trade('heating')]
        : part.verdict === 'act'
          ? [trade('heating')]
          : [],
    });
  },
});
