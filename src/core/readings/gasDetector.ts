import { positive } from './fields.ts';
import { alarmFields, judgeAlarm, lifeBand } from './alarmAge.ts';
import { reading } from './reading.ts';

/** A gas detector by the end printed on it; without one five years, or seven by the other school. Sounding is a stop. */
export const gasDetector = reading({
  code: 'gas-detector-age',
  system: 'alarms',
  fields: { ...alarmFields, 'printed-life': positive('years', { optional: true, max: 20 }) },
  schools: ['printed', 'five-years', 'seven-years'],
  bands: { 'five-years': lifeBand(5), 'seven-years': lifeBand(7) },
  bandUnit: 'years',
  recorded: { of: ['gas-detector'], measures: { 'alarm-age': { from: 'age', unit: 'years' } } },
  judge: ({ values, school: chosen, band }) => {
    const printed = values['printed-life'];
    const school = printed !== undefined ? 'printed' : chosen === 'seven-years' ? chosen : 'five-years';
    const scale = printed !== undefined ? lifeBand(printed) : band(school);
    return judgeAlarm(
      values,
      scale,
      { replace: 'gas-detector-age-replace', chirp: 'smoke-alarm-chirp-triage', sounding: 'gas-sounding' },
      school,
    );
  },
});
