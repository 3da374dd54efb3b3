import { positive, usuallyNot } from './fields.ts';
import { byBand, reading, seen, when, type Judging } from './reading.ts';
import { act, from, scale, sound, watch } from './scale.ts';
import { duty, emergency, figure, judged, doNow, trade, type Follow, type Part } from './verdict.ts';

/** Millimetres of the inch a metric stick is read against: 300 mm stand for 12 in. */
const ROUND_INCH = 25;

/** A layer as its band counts it, in inches; a metric stick is read against round metric edges. */
export const asRoundInches = (inches: number, metric: boolean): number =>
  metric ? (inches * 25.4) / ROUND_INCH : inches;

/** The consequences of the layers of a tank. */
export const tankFollows = (parts: readonly Part[]): readonly Follow[] => {
  if (parts.some(({ verdict }) => verdict === 'stop'))
    return [doNow('no-water-down'), emergency, trade('sewage')];
  return parts.some(({ verdict }) => verdict === 'act')
    ? [duty('aerobic-pump-out', 30), trade('sewage')]
    : [];
};

export const SLUDGE_BAND = scale(sound, from(10, watch), from(12, act(30)));

const fields = { sludge: positive('in', { max: 200 }), 'backing-up': usuallyNot } as const;

/** Sludge on the floor of a tank. */
export const sludge = reading({
  code: 'sludge-depth',
  system: 'sewage',
  fields,
  bands: { sludge: SLUDGE_BAND },
  bandUnit: 'in',
  recorded: {
    of: ['treatment-plant', 'septic-tank'],
    measures: { 'sludge-depth': { from: 'sludge', unit: 'in' } },
    chart: {
      measure: 'sludge-depth',
      band: 'sludge',
      forward: {
        fit: { points: 2, days: 30, error: 0.5 },
        restarts: ['aerobic-pump-out'],
        limit: 12,
        origin: 0,
      },
    },
  },
  judge: ({ values, band, metric }: Judging<typeof fields>) => {
    const parts = [
      ...when(values['backing-up'], seen('stop', 'backing-up')),
      byBand(band('sludge'), figure('sludge', asRoundInches(values.sludge, metric('sludge')), 'in')),
    ];
    return judged(parts, { follows: tankFollows(parts) });
  },
});
