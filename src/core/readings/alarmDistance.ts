import { positive } from './fields.ts';
import { reading, type Judging } from './reading.ts';
import { above, act, from, gradeAt, scale, sound, watch } from './scale.ts';
import { figure, judged, doNow, type Part } from './verdict.ts';
import { tidy } from '../units/units.ts';

/** The metric rule says 4.6 m where the other says 15 ft. */
const ROUND_FOOT = 4.6 / 15 / 0.3048;

const fields = {
  'to-bed': positive('ft', { max: 500 }),
  'to-burner': positive('ft', { max: 500, optional: true }),
} as const;

/** How far one alarm hangs from the nearest bedroom, and from what burns; the local code comes first. */
export const alarmDistance = reading({
  code: 'alarm-distance',
  system: 'alarms',
  fields,
  bands: {
    'to-bed': scale(sound, above(15, act(30))),
    'to-burner': scale(watch, from(15, sound)),
  },
  bandUnit: 'ft',
  recorded: {
    of: ['smoke-alarm', 'co-alarm'],
    measures: { 'alarm-distance': { from: 'to-bed', unit: 'ft' } },
  },
  judge: ({ values, band, metric }: Judging<typeof fields>) => {
    const part = (code: keyof typeof fields, feet: number): Part => {
      const rounded = tidy(metric(code) ? feet / ROUND_FOOT : feet);
      const { verdict, days, over, under } = gradeAt(band(code), rounded);
      const because = { code: 'band', figure: figure(code, feet, 'ft'), over, under };
      return { verdict, ...(days !== undefined && { days }), because, scale: band(code) };
    };
    const { 'to-bed': bed, 'to-burner': burner } = values;
    const parts = [part('to-bed', bed), ...(burner === undefined ? [] : [part('to-burner', burner)])];
    return judged(parts, { follows: parts[0]?.verdict === 'act' ? [doNow('alarm-nearer')] : [] });
  },
});
