import { positive } from './fields.ts';
import { alarmFields, judgeAlarm, lifeBand, type AlarmKind } from './alarmAge.ts';
import { reading, type Recorded } from './reading.ts';

/** An alarm whose sensor is used up, by the end printed on it; without one five years, or seven by the other school. */
export const sensorAlarm = (code: string, of: Recorded['of'], kind: AlarmKind) =>
  reading({
    code,
    system: 'alarms',
    fields: { ...alarmFields, 'printed-life': positive('years', { optional: true, max: 20 }) },
    schools: ['printed', 'five-years', 'seven-years'],
    bands: { 'five-years': lifeBand(5), 'seven-years': lifeBand(7) },
    bandUnit: 'years',
    recorded: { of, measures: { 'alarm-age': { from: 'age', unit: 'years' } } },
    judge: ({ values, school: chosen, band }) => {
      const printed = values['printed-life'];
      const school = printed !== undefined ? 'printed' : chosen === 'seven-years' ? chosen : 'five-years';
      const scale = printed !== undefined ? lifeBand(printed) : band(school);
      return judgeAlarm(values, scale, kind, school);
    },
  });
