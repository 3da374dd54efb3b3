import type { PointGroup } from '../../house/emergencyPoints.ts';
import type { RoundCode } from '../../basics/roundCode.ts';

/** Something wrong that cannot wait for a plan: how it shows, the response that takes it up, and the reading that judges it. */
export interface Symptom {
  readonly code: string;
  /** Its name among the triggers; its own name where it is none. */
  readonly trigger: string;
  /** The response of the catalogue; without one the first steps stand in the locales. */
  readonly practice: string | null;
  readonly reading: string | null;
  /** Answers of that reading which the symptom itself gives. */
  readonly seen: Readonly<Record<string, string>>;
  readonly lives: boolean;
  /** Rounds that take it up from one end to the other. */
  readonly rounds: readonly RoundCode[];
  /** The shutoffs one reaches for first. */
  readonly shuts: PointGroup | null;
}

const symptom = (
  trigger: string,
  practice: string | null,
  reading: string | null = null,
  lives = false,
  rounds: readonly RoundCode[] = [],
): Symptom => ({
  code: trigger,
  trigger,
  practice,
  reading,
  seen: SEEN[trigger] ?? {},
  lives,
  rounds,
  shuts: SHUTS[trigger] ?? null,
});

const SEEN: Readonly<Record<string, Readonly<Record<string, string>>>> = {
  'orange-flame': { flame: 'orange' },
};

const SHUTS: Readonly<Record<string, PointGroup>> = {
  'gas-smell': 'gas',
  'burst-pipe': 'water',
  'wet-ceiling': 'water',
  'toilet-overflow': 'water',
  'power-out': 'power',
  'breaker-trip': 'power',
};

/** Symptoms people come with, safety first. */
export const SYMPTOMS: readonly Symptom[] = [
  symptom('gas-smell', 'gas-smell-response', null, true),
  symptom('co-alarm', 'co-event-response', 'co-alarm-age', true),
  symptom('smoke-alarm', null, null, true),
  symptom('orange-flame', null, 'gas-flame', true),
  symptom('burst-pipe', null, null, true),
  symptom('wet-ceiling', null, null, false, ['overflow', 'after-storm']),
  symptom('toilet-overflow', null),
  symptom('power-out', null),
  symptom('sewage-smell', null),
  symptom('no-hot-water', null),
  symptom('alarm-chirp', 'smoke-alarm-chirp-triage', 'smoke-alarm-age'),
  symptom('breaker-trip', 'breaker-trip-reset'),
  symptom('no-cooling', 'ac-no-cooling-triage', 'temperature-split'),
  symptom('no-heat', 'ignition-fault-call', 'furnace-start'),
  symptom('weak-airflow', 'airflow-restriction-signs', 'face-velocity'),
  symptom('overflow', 'condensate-pan-overflow-clear', null, false, ['overflow']),
  symptom('slow-drains-after-rain', 'septic-saturation-response', 'tank-solids'),
  symptom('valve-weep', 'stop-tap-gland-repack'),
];
