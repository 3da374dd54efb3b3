import { positive } from './fields.ts';
import { alarmFields, judgeAlarm, lifeBand } from './alarmAge.ts';
import { reading } from './reading.ts';

const LIVES = { 'ten-years': 10, 'seven-years': 7, 'eight-years': 8 } as const;

/** A smoke alarm by its age: ten years is the usual life, others hold seven or eight. A printed end wins. */
export const smokeAlarm = reading({
  code: 'smoke-alarm-age',
  system: 'alarms',
  fields: { ...alarmFields, 'printed-life': positive('years', { optional: true, max: 20 }) },
  schools: Object.keys(LIVES),
  bands: Object.fromEntries(Object.entries(LIVES).map(([school, life]) => [school, lifeBand(life)])),
  bandUnit: 'years',
  recorded: { of: ['smoke-alarm'], measures: { 'alarm-age': { from: 'age', unit: 'years' } } },
  judge: ({ values, school: chosen, band }) => {
    const printed = values['printed-life'];
    const school = printed !== undefined ? 'printed' : (chosen ?? 'ten-years');
    const scale = printed !== undefined ? lifeBand(printed) : band(school);
    return judgeAlarm(
      values,
      scale,
      { replace: 'smoke-alarm-age-replace', chirp: 'smoke-alarm-chirp-triage', sounding: 'smoke-sounding' },
      school,
    );
  },
});
