import type { Trade } from '../../readings/verdict.ts';

/** Where this tool does not guide: what for, whom to call, what to tell them, and the work at which it stands. */
export interface Refusal {
  readonly code: string;
  readonly what: string;
  readonly trade: Trade;
  readonly tell: string;
  readonly stands: readonly string[];
}

/** Texts in the catalogue's words. */
export const REFUSALS: readonly Refusal[] = [
  {
    code: 'gas-work',
    what: 'Gas pipe, gas valve or regulator.',
    trade: 'heating',
    tell: 'Which appliance, where it is shut, what you smelled or saw, and since when.',
    stands: [
      'gas-smell-response',
      'gas-vent-and-trap-check',
      'gas-fireplace-check',
      'grill-burner-nest-clear',
      'furnace-annual-tune-up',
    ],
  },
  {
    code: 'relighting',
    what: 'Relighting after a smell of gas or a carbon monoxide alarm.',
    trade: 'heating',
    tell: 'When it happened, which alarm, who felt unwell, and that it is shut off.',
    stands: ['gas-smell-response', 'co-event-response', 'ignition-fault-call'],
  },
  {
    code: 'exchanger',
    what: 'Calling a heat exchanger sound. Blue flames and a clean look prove nothing.',
    trade: 'heating',
    tell: 'Make and age, what the flame did when the blower started, any soot or alarm.',
    stands: ['heat-exchanger-inspect', 'furnace-annual-tune-up'],
  },
  {
    code: 'vent',
    what: 'Altering a vent or flue.',
    trade: 'heating',
    tell: 'The appliance, where the vent goes, the gap you measured, stains you saw.',
    stands: ['gas-vent-and-trap-check', 'water-heater-flue-centre', 'chimney-inspect-and-sweep'],
  },
  {
    code: 'refrigerant',
    what: 'Refrigerant.',
    trade: 'cooling',
    tell: 'The split with both readings, outdoor temperature, humidity, ice or none, the filter’s age.',
    stands: [
      'ac-temperature-split-test',
      'ac-no-cooling-triage',
      'cooling-service-visit',
      'airflow-restriction-signs',
    ],
  },
  {
    code: 'capacitor',
    what: 'Capacitors: they hold a charge with the power off.',
    trade: 'cooling',
    tell: 'What hums, what does not turn, whether a breaker tripped.',
    stands: ['ac-no-cooling-triage', 'cooling-service-visit'],
  },
  {
    code: 'panel-interior',
    what: 'The inside of a {breaker panel}.',
    trade: 'electrical',
    tell: 'Which breaker, what was running, heat, smell or scorch.',
    stands: ['panel-locate-and-label', 'breaker-trip-reset'],
  },
  {
    code: 'aerobic-timer',
    what: 'Forcing an aerobic timer.',
    trade: 'sewage',
    tell: 'Make of the timer, minutes in half an hour, what it does not do.',
    stands: ['aerobic-timer-check'],
  },
  {
    code: 'tank-interior',
    what: 'Anything inside a septic tank or treatment plant.',
    trade: 'sewage',
    tell: 'The layers you measured, when it was last pumped, what smells or stands.',
    stands: [
      'aerobic-lid-baffle-elbow-check',
      'aerobic-layer-measure',
      'aerobic-pump-out',
      'septic-saturation-response',
    ],
  },
  {
    code: 'door-springs',
    what: 'Springs of a garage door.',
    trade: 'builder',
    tell: 'Width of the door, which spring, what it does.',
    stands: ['garage-and-hatch-seal-check'],
  },
  {
    code: 'relief-valve',
    what: 'A relief valve: never plugged, capped or altered.',
    trade: 'plumbing',
    tell: 'Temperature of the water, whether it drips or runs, since when.',
    stands: ['water-heater-temperature-set', 'tankless-heater-flush'],
  },
  {
    code: 'asbestos',
    what: 'Anything that may hold asbestos: old duct tape, lagging, vermiculite, textured ceilings.',
    trade: 'builder',
    tell: 'The year of the house, what it looks like, that nobody has touched it.',
    stands: ['duct-seal-and-insulate', 'loft-insulation-lay', 'wall-cavity-repair-close'],
  },
];

/** The refusals that stand at some work. */
export const refusalsAt = (practice: string): readonly Refusal[] =>
  REFUSALS.filter(({ stands }) => stands.includes(practice));
