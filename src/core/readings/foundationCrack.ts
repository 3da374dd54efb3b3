import { positive, quantity, usually, usuallyNot } from './fields.ts';
import { byBand, reading, seen, when } from './reading.ts';
import { act, from, scale, sound, watch } from './scale.ts';
import { eases, emergency, figure, judged, retest, doNow, trade } from './verdict.ts';

/** Growth, mm a year, above which a crack is looked at by someone who knows. */
export const CRACK_GROWTH = 1.6;

/** A crack in a foundation wall: its width, whether it is wet, grows, or runs the wrong way. */
export const foundationCrack = reading({
  code: 'foundation-crack',
  system: 'shell',
  fields: {
    width: positive('mm', { max: 300 }),
    damp: usuallyNot,
    runs: usually('upright', 'horizontal', 'stepped', 'displaced', 'bowing'),
    'growth-a-year': quantity('mm', { optional: true, min: -50, max: 100 }),
    'doors-jam': usuallyNot,
  },
  bands: { width: scale(sound, from(0.4, watch), from(3, act(30))) },
  bandUnit: 'mm',
  recorded: {
    of: ['foundation', 'masonry', 'walls', 'house'],
    measures: { 'crack-width': { from: 'width', unit: 'mm' } },
    chart: {
      measure: 'crack-width',
      band: 'width',
      forward: { fit: { points: 3, days: 180, error: 0.02 }, restarts: [], limit: 3 },
    },
  },
  judge: ({ values, band }) => {
    const growth = values['growth-a-year'];
    const parts = [
      ...when(values.runs === 'bowing' && values['doors-jam'], seen('stop', 'bowing-with-jammed-doors')),
      ...when(values.runs !== 'upright', seen('act', `crack-${values.runs}`, 7)),
      ...when(values.damp, seen('act', 'crack-damp', 7)),
      ...(growth !== undefined && growth > CRACK_GROWTH
        ? [
            {
              ...seen('act', 'crack-grows', 14),
              because: { code: 'crack-grows', figure: figure('growth-a-year', growth, 'mm') },
            },
          ]
        : []),
      byBand(band('width'), figure('width', values.width, 'mm')),
    ];
    const stopped = parts.some(({ verdict }) => verdict === 'stop');
    const acting = parts.some(({ verdict }) => verdict === 'act');
    return judged(parts, {
      follows: stopped
        ? [doNow('leave-the-house'), emergency, trade('structure')]
        : acting
          ? [trade('structure'), ...(values.damp ? [eases('grade-backfill', 30)] : [])]
          : [retest(90)],
    });
  },
});
