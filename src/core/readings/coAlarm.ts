import { sensorAlarm } from './sensorAlarm.ts';

/** A carbon monoxide alarm. Sounding is a stop even where nobody feels anything. */
export const coAlarm = sensorAlarm('co-alarm-age', ['co-alarm'], {
  replace: 'co-alarm-age-replace',
  chirp: 'smoke-alarm-chirp-triage',
  sounding: 'co-sounding',
});
