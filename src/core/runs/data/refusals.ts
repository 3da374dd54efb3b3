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
    tell: 'Which appliance, where you turned it off, what you smelled or saw, and since when.',
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
    tell: 'When it happened, which alarm, who felt ill, and that the gas is off.',
    stands: ['gas-smell-response', 'co-event-response', 'ignition-fault-call'],
  },
  {
    code: 'exchanger',
    what: 'Judging a heat exchanger. Blue flames and a clean look do not prove that it is safe.',
    trade: 'heating',
    tell: 'The make and age, what the flame did when the blower started, and any soot or alarm.',
    stands: ['heat-exchanger-inspect', 'furnace-annual-tune-up'],
  },
  {
    code: 'vent',
    what: 'Altering a vent or flue.',
    trade: 'heating',
    tell: 'Which appliance, where the vent goes, the gap you measured, and any stains.',
    stands: ['gas-vent-and-trap-check', 'water-heater-flue-centre', 'chimney-inspect-and-sweep'],
  },
  {
    code: 'refrigerant',
    what: 'Refrigerant.',
    trade: 'cooling',
    tell: 'Both temperatures, the outdoor temperature, the humidity, whether there is ice, and how old the filter is.',
    stands: [
      'ac-temperature-split-test',
      'ac-no-cooling-triage',
      'cooling-service-visit',
      'airflow-restriction-signs',
    ],
  },
  {
    code: 'capacitor',
    what: 'Capacitors. They can shock you even with the power off.',
    trade: 'cooling',
    tell: 'What hums, what does not turn, and whether a breaker tripped.',
    stands: ['ac-no-cooling-triage', 'cooling-service-visit'],
  },
  {
    code: 'panel-interior',
    what: 'The inside of a {breaker panel}.',
    trade: 'electrical',
    tell: 'Which breaker, what was running, and any heat, smell or burn mark.',
    stands: ['panel-locate-and-label', 'breaker-trip-reset'],
  },
  {
    code: 'aerobic-timer',
    what: 'Forcing the timer of a treatment plant.',
    trade: 'sewage',
    tell: 'The make of the timer, how many minutes it runs in half an hour, and what is wrong.',
    stands: ['aerobic-timer-check'],
  },
  {
    code: 'tank-interior',
    what: 'Anything inside a septic tank or treatment plant.',
    trade: 'sewage',
    tell: 'Which layers you measured, when it was last pumped, and any smell or standing water.',
    stands: [
      'aerobic-lid-baffle-elbow-check',
      'aerobic-layer-measure',
      'aerobic-pump-out',
      'septic-saturation-response',
    ],
  },
  {
    code: 'door-springs',
    what: 'Springs and cables of a garage door.',
    trade: 'builder',
    tell: 'How wide the door is, which spring it is, and what happens.',
    stands: ['garage-and-hatch-seal-check'],
  },
  {
    code: 'relief-valve',
    what: 'A relief valve. Never plug, cap or change it.',
    trade: 'plumbing',
    tell: 'How hot the water is, whether it drips or runs, and since when.',
    stands: ['water-heater-temperature-set', 'tankless-heater-flush'],
  },
  {
    code: 'asbestos',
    what: 'Anything that may contain asbestos: old duct tape, pipe wrap, vermiculite, textured ceilings.',
    trade: 'builder',
    tell: 'How old the house is, what it looks like, and that nobody has touched it.',
    stands: ['duct-seal-and-insulate', 'loft-insulation-lay', 'wall-cavity-repair-close'],
  },
];

/** The refusals that stand at some work. */
export const refusalsAt = (practice: string): readonly Refusal[] =>
  REFUSALS.filter(({ stands }) => stands.includes(practice));
