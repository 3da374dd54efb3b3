import { positive, usually, usuallyNot } from './fields.ts';
import { byBand, seen, when, type Values } from './reading.ts';
import { act, from, scale, sound, watch, type Scale } from './scale.ts';
import {
  duty,
  eases,
  emergency,
  figure,
  judged,
  doNow,
  type Follow,
  type Outcome,
  type Part,
} from './verdict.ts';

/** Dates printed on any alarm. An age left out is an age nobody knows: the alarm is replaced. */
export const alarmFields = {
  age: positive('years', { optional: true, max: 60 }),
  test: usually('not-pressed', 'sounds', 'silent'),
  chirp: usually('none', 'chirps', 'chirps-with-new-battery'),
  sounding: usuallyNot,
  unwell: usuallyNot,
} as const;

/** A life in years: its last year is watched, after it the alarm is replaced within a week. */
export const lifeBand = (life: number): Scale => scale(sound, from(life - 1, watch), from(life, act(7)));

export interface AlarmKind {
  readonly replace: string;
  readonly chirp: string;
  readonly sounding: 'smoke-sounding' | 'co-sounding' | 'gas-sounding';
}

/** An alarm judged by its age, its test, its chirp, and whether it sounds. */
export function judgeAlarm(
  values: Pick<Values<typeof alarmFields>, keyof typeof alarmFields>,
  band: Scale,
  kind: AlarmKind,
  school: string,
): Outcome {
  const { age } = values;
  const alarmed = values.sounding || values.unwell;
  const parts: Part[] = [
    ...when(values.sounding, seen('stop', kind.sounding)),
    ...when(values.unwell, seen('stop', 'several-unwell')),
    ...when(values.test === 'silent', seen('act', 'fails-its-test', 1)),
    ...when(values.chirp === 'chirps', seen('act', 'chirps', 1)),
    ...when(values.chirp === 'chirps-with-new-battery', seen('act', 'chirps-with-new-battery', 1)),
    age === undefined ? seen('act', 'age-unknown', 7) : byBand(band, figure('age', age, 'years')),
  ];
  return judged(parts, {
    school,
    follows: alarmed ? [doNow('everyone-out'), emergency] : followsOf(values, parts, kind),
  });
}

function followsOf(
  { age, test, chirp }: Pick<Values<typeof alarmFields>, 'age' | 'test' | 'chirp'>,
  parts: readonly Part[],
  { replace, chirp: triage }: AlarmKind,
): Follow[] {
  const old = age === undefined || parts.at(-1)?.verdict === 'act';
  return [
    ...(test === 'silent' ? [doNow('battery-then-press-again'), duty(replace, 1)] : []),
    ...(chirp === 'chirps' ? [doNow('battery-first'), eases(triage, 1)] : []),
    ...(chirp === 'chirps-with-new-battery' ? [duty(replace, 1)] : []),
    ...(old ? [duty(replace, 7)] : []),
  ];
}
