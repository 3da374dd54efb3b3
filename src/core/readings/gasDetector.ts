import { sensorAlarm } from './sensorAlarm.ts';

/** A gas detector. Sounding is a stop, whether or not anyone smells gas. */
export const gasDetector = sensorAlarm('gas-detector-age', ['gas-detector'], {
  replace: 'gas-detector-age-replace',
  chirp: 'smoke-alarm-chirp-triage',
  sounding: 'gas-sounding',
});
